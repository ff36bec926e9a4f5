import { Fold, Page, QuietText, SentenceText, Stack, Title } from '../../design';
import GUIDE from './guide.json';

/** How each step works. `scripts/guide.mjs` writes docs/guide.md from the same texts. */
export function Help() {
  return (
    <Page>
      <Stack>
        <Title page="Help">Help</Title>
        <SentenceText>A session has six steps. Only Putt is needed; every step can be opened at any time.</SentenceText>
        {GUIDE.map(({ title, about, points }) => (
          <Fold key={title} label={title}>
            <Stack $gap="s">
              <p>{about}</p>
              <ul>
                {points.map((point) => (
                  <li key={point}>{point}</li>
                ))}
              </ul>
            </Stack>
          </Fold>
        ))}
        <QuietText>Press ? on any screen for its keyboard shortcuts.</QuietText>
      </Stack>
    </Page>
  );
}
