import { translateName } from '@crustan/messages';
import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { CUT_IDS, CUTS, SPECIES, TISSUES, TISSUE_SOURCE, type CutId } from '@crustan/core/food';
import { cutOf, type PlanRequest } from '@crustan/core/plan/request';
import { OwnCutForm } from '../../../forms';
import { cutChosen, ownChosen } from '../../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Text } from '../../../ui/Text';
import { capital } from '../../../words/cutWords';
import { useShow } from '../../../words/useShow';
import { MeatEditor } from './MeatEditor';
import { t } from '../t';

const speciesName = (species: string): string => capital(species.replace('-', ' '));

const matches = (said: string, asked: string): boolean =>
  asked
    .toLowerCase()
    .split(/\s+/)
    .every((word) => said.toLowerCase().includes(word));

const saidOf = (cut: CutId): string => `${CUTS[cut].name} ${CUTS[cut].species.replace('-', ' ')}`;

const percent = (share: number): string => `${Math.round(share * 100)}\u00a0%`;

/** The larder by animal and the cook's own pieces, with a search over names. */
export const CutChooser = ({ request }: { readonly request: PlanRequest }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const own = useAppSelector((state) => state.kitchen.own);
  const [asked, setAsked] = useState('');
  const [editing, setEditing] = useState(false);
  const wanted = asked.trim();
  const found = CUT_IDS.filter((cut) => matches(saidOf(cut), wanted));
  const mine = own.filter(({ name, species }) => matches(`${name} ${species}`, wanted));
  const cut = cutOf(request);
  const { water, protein, fat } = TISSUES[cut.tissue];
  if (editing) return <OwnCutForm like={cut} onClose={() => setEditing(false)} />;
  return (
    <View className="gap-3">
      <TextInput
        aria-label={t('search-the-cut-list')}
        value={asked}
        onChangeText={setAsked}
        placeholder={t('search-lamb-fillet-tuna')}
        className="min-h-touch rounded border border-salt-300 bg-salt-0 px-3 font-text text-16 text-iron-950"
      />
      <MeatEditor request={request} />
      {mine.length > 0 ? (
        <View className="gap-1">
          <Text voice="small" tone="text-iron-500">
            {t('your-own-pieces')}
          </Text>
          <Choice
            label={t('your-own-pieces')}
            value={request.own?.name}
            onChange={(name) => {
              const piece = own.find((each) => each.name === name);
              if (piece) dispatch(ownChosen(piece));
            }}
            options={mine.map(({ name }) => ({ value: name, label: name }))}
          />
        </View>
      ) : null}
      {SPECIES.map((species) => {
        const cuts = found.filter((id) => CUTS[id].species === species);
        if (cuts.length === 0) return null;
        return (
          <View key={species} className="gap-1">
            <Text voice="small" tone="text-iron-500">
              {speciesName(species)}
            </Text>
            <Choice
              label={speciesName(species)}
              value={request.own ? undefined : request.cut}
              onChange={(id) => dispatch(cutChosen(id))}
              options={cuts.map((id) => ({ value: id, label: capital(CUTS[id].name) }))}
            />
          </View>
        );
      })}
      {found.length === 0 && mine.length === 0 ? (
        <Text role="status">{t('the-cut-list-has-no-take-the', { wanted })}</Text>
      ) : null}
      <Text voice="small" tone="text-iron-500">
        {t('is-taken-as-water-protein-fat-sliced', {
          name: capital(translateName(cut.name)),
          percent: percent(water),
          percent2: percent(protein),
          percent3: percent(fat),
          tissueSource: translateName(TISSUE_SOURCE),
          part: cut.skin ? t('with-of-skin', { depth: show.depth(cut.skin.thickness) }) : '',
          part2:
            cut.bone === undefined
              ? ''
              : t('with-a-bone-of-along-one-edge', { thickness: show.thickness(cut.bone) }),
          part3:
            cut.fatEdge === undefined
              ? ''
              : t('with-of-fat-along-one-edge', { thickness: show.thickness(cut.fatEdge) }),
          slicing: translateName(cut.slicing),
        })}
      </Text>
      <View className="items-start">
        <Button kind="plain" label={t('describe-your-own')} onPress={() => setEditing(true)} />
      </View>
    </View>
  );
};
