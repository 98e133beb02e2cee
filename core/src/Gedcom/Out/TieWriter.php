<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\EvidenceTags;
use NorthBough\Core\Gedcom\ParentTags;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\TieSide;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\SlotTags;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;

/** Ties to parents and partners, from both sides: FAMC and FAMS in a person, HUSB and WIFE in a family. */
final readonly class TieWriter
{
    public function __construct(
        private RowStructures $structures,
        private CitationWriter $citations,
        private Pointers $pointers,
        private Version $version,
    ) {
    }

    /** FAMC. A set that only its family record told gets one where there is more to say of a parent. */
    public function parents(StructureBuilder $person, ParentSetRow $set, PersonRows $rows, AttachedRows $attached): void
    {
        $parents = $rows->parents[$set->id] ?? [];
        $isMore = $parents !== [] && ParentTags::areNeeded($set, $parents, $rows->couples[$set->unionId] ?? [], $attached->claims);
        if ($set->side === TieSide::Family && ! $isMore) {
            return;
        }
        $link = $this->parentLink($set, $attached);
        foreach ($isMore ? $parents : [] as $parent) {
            $structure = ParentTags::structure($parent, $set, $this->pointers);
            foreach ($attached->claims[$parent->id] ?? [] as $claim) {
                $structure->add($this->citations->citation($claim, $attached));
            }
            $link->child(-1, $structure);
        }
        $person->child($set->side === TieSide::Family ? -1 : $set->ordinal, $link->build());
    }

    public function partnership(StructureBuilder $person, UnionPartnerRow $partner, AttachedRows $attached): void
    {
        if ($partner->side === TieSide::Family || $partner->standing === Standing::RuledOut) {
            return;
        }
        $link = $this->structures->pointing('FAMS', $partner->unionId, [], $partner->id, $attached, 'person')->build();
        $person->child($partner->personOrdinal, EvidenceTags::standing($link, $partner->standing));
    }

    public function partner(StructureBuilder $family, UnionPartnerRow $partner, AttachedRows $attached): void
    {
        if ($partner->standing === Standing::RuledOut) {
            $family->child($partner->ordinal, $this->ruledOut($partner, $attached));
        } elseif ($partner->side !== TieSide::Person) {
            $link = $this->structures->pointing(SlotTags::tag($partner->slot), $partner->personId, [], $partner->id, $attached, 'family')
                ->build();
            // Where the person tells the tie too, how it stands is said there.
            $family->child($partner->ordinal,
                $partner->side === TieSide::Family ? EvidenceTags::standing($link, $partner->standing) : $link);
        }
    }

    /** Under a tag of our own, so that no other program reads the two as a couple; what stood under FAMS stays beneath it. */
    private function ruledOut(UnionPartnerRow $partner, AttachedRows $attached): Structure
    {
        $link = $this->structures->pointing('_NB_RULED_PARTNER', $partner->personId, [], $partner->id, $attached, 'family')->build()
            ->add(new Structure('_NB_SLOT', SlotTags::tag($partner->slot)));
        $fams = $this->structures->beneath('FAMS', $partner->id, $attached, 'person');

        return $fams->children === [] ? $link : $link->add($fams);
    }

    private function parentLink(ParentSetRow $set, AttachedRows $attached): StructureBuilder
    {
        $cased = fn (string $word): string => $this->version === Version::V7 ? $word : strtolower($word);
        $isImplied = ($set->written['IMPLIED'][1] ?? '') === $set->kind->value;
        $kind = $set->kind === ParentageKind::Birth || $isImplied ? '' : $set->kind->standard();
        $phraseAsRead = $set->written['PEDI/PHRASE'][1] ?? '';

        return $this->structures->pointing('FAMC', $set->unionId, self::under('person', $set->written), $set->id, $attached, 'person')
            ->field('PEDI', $cased($kind),
                static fn (string $words): bool => ParentageKind::fromStandard($words, $phraseAsRead) === $set->kind,
                function (StructureBuilder $line) use ($set, $phraseAsRead): void {
                    if ($this->version === Version::V7 || $phraseAsRead !== '') {
                        $line->field('PHRASE', $set->kind->standardPhrase(),
                            static fn (string $words): bool => $set->kind->standardPhrase() === ''
                                || ParentageKind::fromStandard('OTHER', $words) === $set->kind);
                    }
                })
            ->field('STAT', $cased($set->standing->standard($set->proof)),
                static fn (string $words): bool => Standing::fromStandard($words) === $set->standing
                    && Proof::fromStandard($words) === ($set->proof === Proof::Proved ? Proof::Proved : Proof::Unstated));
    }

    /**
     * Written paths are told from the record inwards; those of a tie hang beneath the side that tells it.
     *
     * @param  array<string, array{int, string}>  $written
     * @return array<string, array{int, string}>
     */
    private static function under(string $side, array $written): array
    {
        $moved = [];
        foreach ($written as $path => $place) {
            $moved[ltrim("{$side}/{$path}", '/')] = $place;
        }

        return $moved;
    }
}
