/** In place of hoist-non-react-statics, which only emotion's `withTheme` calls (next.config.mjs): the wrapping component as it is. */
export default function wrapped<T>(component: T): T {
  return component;
}
