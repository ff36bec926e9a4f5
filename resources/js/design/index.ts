export { Button, ButtonLink } from './Button';
export { chip } from './Chip';
export { AnyOf, labelOf, OneOf, type Option } from './Choice';
export { Choose } from './Choose';
export { EditList, EditPress, EditRow } from './EditRow';
export { Entry, Hint, NoteEntry } from './Entry';
export { Facts } from './Facts';
export { Fold } from './Fold';
export { FoldRow } from './FoldRow';
export { loadFonts } from './fonts';
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
export { Menu, type MenuAct } from './Menu';
export { Name } from './Name';
export { Notice } from './Notice';
export { Pick } from './Pick';
export { ProgressLine } from './ProgressLine';
export { Sheet } from './Sheet';
export { SheetButton } from './SheetButton';
export { StrideByWalking } from './StrideByWalking';
export { Switch } from './Switch';
export { Title } from './Title';
export { offerUndo, UndoOffer } from './Toast';
export { color, GlobalStyle, isNarrow, narrow, space, touch, type, wide } from './theme';
export { useFaces } from './useFaces';
export { useFirst } from './useFirst';
export { useFirstError } from './useFirstError';
export { Waiting } from './Waiting';
