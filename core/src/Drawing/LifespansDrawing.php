<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Lifespans\LifespanSetting;
use NorthBough\Core\Drawing\Lifespans\Span;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;

/** Lives under each other on one axis of years: who lived at the same time as whom. */
final readonly class LifespansDrawing implements Drawing
{
    public function __construct(
        #[Option('With their kin', 'Parents, brothers and sisters, partners and children are drawn, too')] public bool $kin = true,
    ) {
    }

    public static function code(): string
    {
        return 'lifespans';
    }

    public static function title(): string
    {
        return 'Lifespans';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::People;
    }

    public function draw(TreeView $tree, Subject $subject, ?Handwork $handwork = null): Scene
    {
        return LifespanSetting::scene($this->heading($tree, $subject->some()), $this->spans($tree, $subject->some()));
    }

    /**
     * @param  non-empty-list<string>  $ids
     * @return list<Span> those with dates by when they began, then those without
     *
     * @throws SubjectMissing
     */
    public function spans(TreeView $tree, array $ids): array
    {
        $people = $tree->people($this->kin ? array_values(array_unique([...$ids, ...$this->kinOf($tree, $ids)])) : $ids);
        if (array_intersect_key($people, array_flip($ids)) === []) {
            throw SubjectMissing::of(SubjectKind::People);
        }
        $spans = array_map(static fn (Person $person): Span => Span::of($person, in_array($person->id, $ids, true)), array_values($people));
        usort($spans, static fn (Span $one, Span $other): int => [$one->from ?? PHP_INT_MAX, $one->to ?? PHP_INT_MAX, $one->person->number]
            <=> [$other->from ?? PHP_INT_MAX, $other->to ?? PHP_INT_MAX, $other->person->number]);

        return $spans;
    }

    /** @param  non-empty-list<string>  $ids */
    private function heading(TreeView $tree, array $ids): string
    {
        $names = array_map(static fn (Person $person): string => $person->name()->shown(), array_values($tree->people($ids)));

        return 'Lifespans of '.implode(', ', $names).($this->kin ? ' and kin' : '');
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function kinOf(TreeView $tree, array $ids): array
    {
        $parents = [];
        foreach ($tree->parentSets($ids) as $sets) {
            foreach ($sets as $set) {
                array_push($parents, ...($set->isRuledOut() ? [] : array_column($set->whoStand(), 'personId')));
            }
        }
        $kin = $parents;
        foreach ($tree->unionsOf($parents) as $parent => $unions) {
            foreach ($unions as $union) {
                array_push($kin, ...$union->childrenOf((string) $parent));
            }
        }
        foreach ($tree->unionsOf($ids) as $person => $unions) {
            foreach ($unions as $union) {
                array_push($kin, ...$union->partnersOf((string) $person), ...$union->childrenOf((string) $person));
            }
        }

        return array_values(array_unique($kin));
    }
}
