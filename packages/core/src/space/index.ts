export {
  add,
  angleAbout,
  angleBetween,
  cross,
  distance,
  dot,
  length,
  rotateAbout,
  scale,
  subtract,
  unit,
  type Vec3,
} from './vec3.ts';
