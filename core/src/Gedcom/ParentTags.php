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
     * @param  list<Structure>  $said
     * @return list<Structure>
     */
    public static function understood(array $said, MappingContext $mapping): array
    {
        $plain = array_filter($said, static fn (Structure $one): bool => self::isPlain($one, $mapping));
        $people = array_unique(array_column($plain, 'payload'));

        return count($people) === count($said) ? array_values($plain) : [];
    }

    private static function isPlain(Structure $said, MappingContext $mapping): bool
    {
        $seen = [];
        foreach ($said->children as $child) {
            $isText = in_array($child->tag, self::TEXTS, true) && ! $child->isPointer && $child->children === [] && ! isset($seen[$child->tag]);
            if (! $isText && ! ($child->tag === 'SOUR' && CitationMapping::isOfLine($child, $mapping))) {
                return false;
            }
            $seen[$child->tag] = true;
        }

        return $said->isPointer && $mapping->survey->id($said->payload, 'INDI') !== null
            && ParentageKind::tryFrom($said->text('_NB_KIND') ?: 'birth') !== null && Standing::tryFrom($said->text('_NB_STANDING') ?: 'unweighed') !== null
            && Proof::tryFrom($said->text('_NB_PROOF') ?: 'unstated') !== null;
    }

    public static function read(Structure $said, string $setId, ParentageKind $kind, MappingContext $mapping, CitationMapping $citations): void
    {
        $id = $mapping->newId();
        $mapping->add(new ParentageRow($id, $setId, (string) $mapping->survey->id($said->payload, 'INDI'), ParentageKind::tryFrom($said->text('_NB_KIND')) ?? $kind,
            Standing::from($said->text('_NB_STANDING') ?: 'unweighed'), Proof::from($said->text('_NB_PROOF') ?: 'unstated'), $said->text('_NB_CALLED'), $said->text('_NB_YEARS')));
        $citations->map(new StructureFields($said), new FactRef(Owner::Parentage, $id));
        CaseTags::decidedBy($said->first('_NB_BY'), DecisionSubject::Parentage, $id, $mapping);
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
        foreach ($parents as $one) {
            $implied = ($set->written[self::ONE_ADOPTED][1] ?? '') === $one->personId ? ParentageKind::Adoptive : $set->kind;
            if ($one->kind !== $implied || $one->standing !== Standing::fromStandard($stat) || $one->proof !== Proof::fromStandard($stat)
                || $one->kindWords !== '' || $one->years !== '' || $one->decidedBy !== '' || ($claims[$one->id] ?? []) !== []) {
                return true;
            }
        }

        return false;
    }

    public static function told(ParentageRow $row, ParentSetRow $set, Pointers $pointers): Structure
    {
        return EvidenceTags::with(Structure::pointing('_NB_PARENT', $pointers->of($row->personId)), [
            '_NB_KIND' => $row->kind === $set->kind ? '' : $row->kind->value, '_NB_CALLED' => $row->kindWords, '_NB_YEARS' => $row->years,
            '_NB_STANDING' => $row->standing === Standing::Unweighed ? '' : $row->standing->value, '_NB_PROOF' => $row->proof === Proof::Unstated ? '' : $row->proof->value,
            '_NB_BY' => $pointers->label($row->decidedBy),
        ]);
    }
}
