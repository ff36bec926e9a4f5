export { Button, ButtonLink } from './Button';
export { chip } from './Chip';
export { AnyOf, labelOf, OneOf, type Option } from './Choice';
export { Choose } from './Choose';
export { Entry, Hint, NoteEntry } from './Entry';
export { Fold } from './Fold';
export { InsightCard, MarginWord } from './InsightCard';
export { List } from './List';
export {
  Columns,
  Figure,
  Head,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  TableFrame,
  Unseen,
} from './layout';
export { Name } from './Name';
export { Notice } from './Notice';
export { Pick } from './Pick';
export { ProgressLine } from './ProgressLine';
export { Sheet } from './Sheet';
export { StrideByWalking } from './StrideByWalking';
export { Title } from './Title';
export { color, GlobalStyle, isNarrow, narrow, space, touch, type, wide } from './theme';
export { useFaces } from './useFaces';
export { useFirst } from './useFirst';
export { useFirstError } from './useFirstError';
