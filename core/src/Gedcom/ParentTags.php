<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

use NorthBough\Core\Gedcom\In\CitationMapping;
use NorthBough\Core\Gedcom\In\MappingContext;
use NorthBough\Core\Gedcom\In\StructureFields;
use NorthBough\Core\Gedcom\Out\Pointers;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\DecisionSubject;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;

/**
 * _NB_PARENT under FAMC: what one parent is to a child, where that is more than the family record and FAMC can say of
 * both. Where one is told, all of the set are. Our extension, docs/extensions.md.
 */
final class ParentTags
{
    /** Among the words of a set as written: the parent whom an ADOP event names as the one who adopted. */
    public const ONE_ADOPTED = 'IMPLIED/ONE';

    private const TEXTS = ['_NB_KIND', '_NB_CALLED', '_NB_YEARS', '_NB_STANDING', '_NB_PROOF', '_NB_BY'];

    /**
     * The lines of a set that are no more than we write; none where one of them is, or names somebody twice.
     *
     * @param  list<Structure>  $structures
     * @return list<Structure>
     */
    public static function understood(array $structures, MappingContext $mapping): array
    {
        $plain = array_filter($structures, static fn (Structure $structure): bool => self::isPlain($structure, $mapping));
        $people = array_unique(array_column($plain, 'payload'));

        return count($people) === count($structures) ? array_values($plain) : [];
    }

    private static function isPlain(Structure $structure, MappingContext $mapping): bool
    {
        $seen = [];
        foreach ($structure->children as $child) {
            $isText = in_array($child->tag, self::TEXTS, true) && ! $child->isPointer && $child->children === []
                && ! isset($seen[$child->tag]);
            if (! $isText && ! ($child->tag === 'SOUR' && CitationMapping::isOfLine($child, $mapping))) {
                return false;
            }
            $seen[$child->tag] = true;
        }

        return $structure->isPointer && $mapping->survey->id($structure->payload, 'INDI') !== null
            && ParentageKind::tryFrom($structure->text('_NB_KIND') ?: 'birth') !== null
            && Standing::tryFrom($structure->text('_NB_STANDING') ?: 'unweighed') !== null
            && Proof::tryFrom($structure->text('_NB_PROOF') ?: 'unstated') !== null;
    }

    public static function read(
        Structure $structure,
        string $setId,
        ParentageKind $kind,
        MappingContext $mapping,
        CitationMapping $citations,
    ): void {
        $id = $mapping->newId();
        $mapping->add(
            new ParentageRow($id, $setId, (string) $mapping->survey->id($structure->payload, 'INDI'),
                ParentageKind::tryFrom($structure->text('_NB_KIND')) ?? $kind,
                Standing::from($structure->text('_NB_STANDING') ?: 'unweighed'), Proof::from($structure->text('_NB_PROOF') ?: 'unstated'),
                $structure->text('_NB_CALLED'), $structure->text('_NB_YEARS')));
        $citations->map(new StructureFields($structure), new FactRef(Owner::Parentage, $id));
        CaseTags::decidedBy($structure->first('_NB_BY'), DecisionSubject::Parentage, $id, $mapping);
    }

    /**
     * Whether a set says more of its parents than whoever reads the family and FAMC alone takes from them.
     *
     * @param  list<ParentageRow>  $parents
     * @param  list<string>  $partnerIds  whom the family record names
     * @param  array<string, list<ClaimRow>>  $claims
     */
    public static function areNeeded(ParentSetRow $set, array $parents, array $partnerIds, array $claims): bool
    {
        $ids = array_column($parents, 'personId');
        $stat = $set->standing->standard($set->proof);
        if (array_diff($ids, $partnerIds) !== [] || array_diff($partnerIds, $ids) !== []) {
            return true;
        }
        foreach ($parents as $parent) {
            $implied = ($set->written[self::ONE_ADOPTED][1] ?? '') === $parent->personId ? ParentageKind::Adoptive : $set->kind;
            if ($parent->kind !== $implied || $parent->standing !== Standing::fromStandard($stat)
                || $parent->proof !== Proof::fromStandard($stat)
                || $parent->kindWords !== '' || $parent->years !== '' || $parent->decidedBy !== '' || ($claims[$parent->id] ?? []) !== []) {
                return true;
            }
        }

        return false;
    }

    public static function structure(ParentageRow $row, ParentSetRow $set, Pointers $pointers): Structure
    {
        return EvidenceTags::with(Structure::pointing('_NB_PARENT', $pointers->of($row->personId)), [
            '_NB_KIND' => $row->kind === $set->kind ? '' : $row->kind->value, '_NB_CALLED' => $row->kindWords, '_NB_YEARS' => $row->years,
            '_NB_STANDING' => $row->standing === Standing::Unweighed ? '' : $row->standing->value,
            '_NB_PROOF' => $row->proof === Proof::Unstated ? '' : $row->proof->value,
            '_NB_BY' => $pointers->label($row->decidedBy),
        ]);
    }
}
