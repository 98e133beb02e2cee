<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/**
 * Everything that one person is to another, by the rules of kinship: blood, adoption and the other ties, marriage,
 * in-laws and step kin. Ancestors are followed without a limit of generations.
 */
final class Kinship
{
    /** @var array<string, Person> */
    private array $people = [];

    /** @var array<string, list<Union>> */
    private array $unions = [];

    private LineageKin $descent;

    private function __construct(private readonly TreeView $tree, private readonly string $oneId, private readonly string $otherId)
    {
        $partners = $this->partnersOf([$oneId, $otherId]);
        $parents = $this->parentsOf([$oneId, $otherId]);
        $step = $this->partnersOf($parents);
        // The sister's husband of a wife is two unions away.
        $this->descent = new LineageKin(Pedigree::above($tree, [$oneId, $otherId, ...$partners, ...$parents, ...$step]));
        $this->people += $tree->people(array_values(array_unique([$oneId, $otherId, ...$partners, ...$parents, ...$step])));
    }

    /**
     * @return list<Relationship> nearest first; none when they are not kin in any way
     */
    public static function between(TreeView $tree, string $oneId, string $otherId): array
    {
        if ($oneId === $otherId) {
            return [new Relationship('self', KinKind::Self, 1, [[$oneId]], 0)];
        }
        $kinship = new self($tree, $oneId, $otherId);
        $found = [...$kinship->spouses(), ...$kinship->byDescent(), ...$kinship->stepKin(), ...$kinship->inLaws()];
        $byTerm = [];
        foreach ($found as $relationship) {
            $key = "{$relationship->kind->value} {$relationship->term}";
            $byTerm[$key] = isset($byTerm[$key]) ? $byTerm[$key]->with($relationship) : $relationship;
        }
        $found = array_values($byTerm);
        usort($found, static fn (Relationship $a, Relationship $b): int => $a->distance <=> $b->distance);

        return $found;
    }

    /** @return list<Relationship> */
    private function spouses(): array
    {
        $found = [];
        foreach ($this->unions[$this->oneId] ?? [] as $union) {
            if (in_array($this->otherId, $union->partnerIds, true)) {
                $word = PartnerKin::word($union, $this->sex($this->otherId));
                $found[] = new Relationship($word, KinKind::Spouse, 1, [[$this->oneId, $this->otherId]], 1);
            }
        }

        return $found;
    }

    /** @return list<Relationship> */
    private function byDescent(): array
    {
        $sex = $this->sex($this->otherId);

        return array_map(static fn (LineageDegree $ties): Relationship => $ties->relationship($sex),
            $this->descent->between($this->oneId, $this->otherId));
    }

    /** @return list<Relationship> */
    private function inLaws(): array
    {
        $found = [];
        $inLaws = new InLaws($this->descent, $this->sex($this->otherId));
        foreach ($this->lawfulPartners($this->oneId) as $partnerId => $union) {
            if ($partnerId !== $this->otherId) {
                array_push($found,
                    ...$inLaws->throughOwnPartner($this->oneId, $partnerId, $this->otherId,
                        PartnerKin::word($union, $this->sex($partnerId))));
            }
        }
        foreach ($this->lawfulPartners($this->otherId) as $partnerId => $union) {
            if ($partnerId !== $this->oneId) {
                array_push($found,
                    ...$inLaws->throughTheirPartner($this->oneId, $partnerId, $this->otherId, $this->sex($partnerId),
                        PartnerKin::word($union, $this->sex($this->otherId))));
            }
        }
        foreach ($this->lawfulPartners($this->oneId) as $mine => $union) {
            foreach ($this->lawfulPartners($this->otherId) as $theirs => $lawfulPartner) {
                if ($mine !== $this->otherId && $theirs !== $this->oneId && $mine !== $theirs) {
                    array_push($found, ...$inLaws->throughBoth($this->oneId, $mine, $theirs, $this->otherId,
                        PartnerKin::word($union, $this->sex($mine)), $this->sex($theirs),
                        PartnerKin::word($lawfulPartner, $this->sex($this->otherId))));
                }
            }
        }

        return $found;
    }

    /** @return list<Relationship> */
    private function stepKin(): array
    {
        $step = new StepKin($this->descent, $this->oneId, $this->otherId, $this->sex($this->otherId));

        return [
            ...$step->find($this->stepParentsOf($this->oneId), $this->stepParentsOf($this->otherId)),
            ...$step->above($this->stepsFarAbove($this->oneId, $this->otherId)),
            ...$step->below($this->stepsFarAbove($this->otherId, $this->oneId)),
        ];
    }

    /**
     * The lines by which somebody is a step-parent of one of another's ancestors: the partner of a grandparent, or of
     * somebody above, who is no parent of the child on that line.
     *
     * @return list<list<string>> each from the one below up to the ancestor whose partner the step is
     */
    private function stepsFarAbove(string $belowId, string $stepId): array
    {
        $lines = [];
        foreach ($this->lawfulPartners($stepId) as $ancestorId => $union) {
            foreach ($this->descent->between($belowId, $ancestorId) as $ties) {
                foreach ($ties->degree->isAncestor() && $ties->degree->up > 1 ? $ties->paths() : [] as $line) {
                    $lines[] = [$union, $ancestorId, $line[count($line) - 2], $line];
                }
            }
        }
        $childIds = array_values(array_unique(array_column($lines, 2)));
        $this->people += $childIds === [] ? [] : $this->tree->people($childIds);
        $sets = $childIds === [] ? [] : $this->tree->parentSets($childIds);
        $found = [];
        foreach ($lines as [$union, $ancestorId, $childId, $line]) {
            $parentIds = array_merge(
                ...array_map(static fn (ParentSet $set): array => array_column($set->whoStand(), 'personId'), $sets[$childId] ?? []));
            $couple = [$this->people[$ancestorId], $this->people[$stepId]];
            if (! in_array($stepId, $parentIds, true) && PartnerKin::canStandAfterBirth($union, $couple, $this->people[$childId])) {
                $found[] = $line;
            }
        }

        return $found;
    }

    /** @return array<string, string> step-parent => the parent by whom */
    private function stepParentsOf(string $childId): array
    {
        $parents = $this->parentsOf([$childId]);
        $steps = [];
        foreach ($parents as $parentId) {
            foreach ($this->lawfulPartners($parentId) as $partnerId => $union) {
                $couple = array_values(array_intersect_key($this->people, [$parentId => 1, $partnerId => 1]));
                if (! in_array($partnerId, $parents, true) && $partnerId !== $childId
                    && PartnerKin::canStandAfterBirth($union, $couple, $this->people[$childId])) {
                    $steps[$partnerId] = $parentId;
                }
            }
        }

        return $steps;
    }

    /** @return array<string, Union> by partner; a union said never to have been a marriage is left out */
    private function lawfulPartners(string $personId): array
    {
        $partners = [];
        foreach ($this->unions[$personId] ?? [] as $union) {
            foreach (PartnerKin::isDenied($union) ? [] : $union->partnersOf($personId) as $partnerId) {
                $partners[$partnerId] ??= $union;
            }
        }

        return $partners;
    }

    /**
     * @param  list<string>  $personIds
     * @return list<string>
     */
    private function partnersOf(array $personIds): array
    {
        $this->unions += $this->tree->unionsOf(array_values(array_diff($personIds, array_keys($this->unions))));
        $partners = [];
        foreach ($personIds as $personId) {
            foreach ($this->unions[$personId] ?? [] as $union) {
                array_push($partners, ...$union->partnersOf($personId));
            }
        }

        return array_values(array_unique($partners));
    }

    /**
     * @param  list<string>  $childIds
     * @return list<string>
     */
    private function parentsOf(array $childIds): array
    {
        $parents = [];
        foreach ($this->tree->parentSets($childIds) as $sets) {
            foreach ($sets as $set) {
                array_push($parents, ...array_column($set->whoStand(), 'personId'));
            }
        }

        return array_values(array_unique($parents));
    }

    private function sex(string $personId): Sex
    {
        return ($this->people[$personId] ?? null)->sex ?? Sex::Unknown;
    }
}
