<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Record\RoleRelation;

/** What candidates are to one another in the tree. */
final class CandidateTies
{
    /** @var array<string, RoleRelation> */
    private array $found = [];

    public function __construct(private readonly Candidates $candidates)
    {
    }

    /** What one is to another: her tie is Child when she is a child of his. */
    public function between(string $personId, string $otherId): RoleRelation
    {
        return $this->found["{$personId} {$otherId}"] ??= $this->look($this->candidates->all[$personId], $this->candidates->all[$otherId]);
    }

    private function look(Candidate $candidate, Candidate $otherCandidate): RoleRelation
    {
        return match (true) {
            in_array($otherCandidate->id, $candidate->partners, true) => RoleRelation::Partner,
            in_array($otherCandidate->id, $candidate->parents, true) => RoleRelation::Child,
            in_array($candidate->id, $otherCandidate->parents, true) => RoleRelation::Parent,
            array_intersect($candidate->parents, $otherCandidate->parents) !== [] => RoleRelation::Sibling,
            $this->share($candidate->parents, $otherCandidate->partners) => RoleRelation::StepChild,
            $this->isOver($otherCandidate, $candidate) => RoleRelation::Grandchild,
            $this->isOver($candidate, $otherCandidate) => RoleRelation::Grandparent,
            $this->share($candidate->partners, $otherCandidate->children) => RoleRelation::ChildInLaw,
            $this->share($candidate->children, $otherCandidate->partners) => RoleRelation::ParentInLaw,
            $this->shareSiblings($candidate->partners, $otherCandidate),
            $this->shareSiblings($otherCandidate->partners, $candidate) => RoleRelation::SiblingInLaw,
            $this->shareSiblings($candidate->parents, $otherCandidate) => RoleRelation::SiblingsChild,
            $this->shareSiblings($otherCandidate->parents, $candidate) => RoleRelation::ParentsSibling,
            default => RoleRelation::None,
        };
    }

    /** Whether one is a parent of a parent of the other. */
    private function isOver(Candidate $above, Candidate $below): bool
    {
        foreach ($below->parents as $parent) {
            if (in_array($above->id, $this->candidates->all[$parent]->parents ?? [], true)) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<string>  $people  of whom one may be a sibling of the candidate */
    private function shareSiblings(array $people, Candidate $candidate): bool
    {
        foreach ($people as $id) {
            if ($id !== $candidate->id && $this->share($this->candidates->all[$id]->parents ?? [], $candidate->parents)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $some
     * @param  list<string>  $others
     */
    private function share(array $some, array $others): bool
    {
        return array_intersect($some, $others) !== [];
    }
}
