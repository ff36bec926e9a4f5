import styled from 'styled-components';
import { Stack } from '../../design';

/** What stands at the door: narrow, in the middle, a little down. */
export const NarrowPage = styled(Stack)`max-width: 460px; margin: 4vh auto 0; width: 100%;`;
