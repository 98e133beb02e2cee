<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Record\Tie;

/** What candidates are to one another in the tree. */
final class KnownTies
{
    /** @var array<string, Tie> */
    private array $found = [];

    public function __construct(private readonly Candidates $candidates)
    {
    }

    /** What one is to another: her tie is Child when she is a child of his. */
    public function between(string $one, string $other): Tie
    {
        return $this->found["{$one} {$other}"] ??= $this->look($this->candidates->all[$one], $this->candidates->all[$other]);
    }

    private function look(Candidate $one, Candidate $other): Tie
    {
        return match (true) {
            in_array($other->id, $one->partners, true) => Tie::Partner,
            in_array($other->id, $one->parents, true) => Tie::Child,
            in_array($one->id, $other->parents, true) => Tie::Parent,
            array_intersect($one->parents, $other->parents) !== [] => Tie::Sibling,
            $this->share($one->parents, $other->partners) => Tie::StepChild,
            $this->isOver($other, $one) => Tie::Grandchild,
            $this->isOver($one, $other) => Tie::Grandparent,
            $this->share($one->partners, $other->children) => Tie::ChildInLaw,
            $this->share($one->children, $other->partners) => Tie::ParentInLaw,
            $this->shareSiblings($one->partners, $other), $this->shareSiblings($other->partners, $one) => Tie::SiblingInLaw,
            $this->shareSiblings($one->parents, $other) => Tie::SiblingsChild,
            $this->shareSiblings($other->parents, $one) => Tie::ParentsSibling,
            default => Tie::None,
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
