import type { Cloth, ClothField } from '../api/client';

/** Whether a cloth has a field of that name. */
const isSaid = (cloth: Cloth, key: string): key is keyof Cloth => Object.hasOwn(cloth, key);

/** What a cloth says of a field; none of one it does not know. */
export function clothSays(cloth: Cloth, field: Pick<ClothField, 'key'> | undefined): Cloth[keyof Cloth] {
  return field && isSaid(cloth, field.key) ? cloth[field.key] : 0;
}

/** The cloth with a field said otherwise; as it was where that is of another kind. */
export function clothSaying(cloth: Cloth, key: string, to: unknown): Cloth {
  return isSaid(cloth, key) && typeof cloth[key] === typeof to ? { ...cloth, [key]: to } : cloth;
}
