<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\AssertionSubject;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/**
 * A role is a tie: wife, son, mother. The words tie to the head alone: his wife is thereby not the mother of his
 * children, which is offered apart and is not said. Roles of the law, cousins and nephews make no tie.
 */
final class RelationshipInference implements InferenceRule
{
    public function name(): string
    {
        return 'relation told';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $role = $roll->role($line);
        $principal = $roll->principalOf($line);
        if ($role === null || $principal === null) {
            return [];
        }
        $of = $roll->role($principal)->word ?? 'first';

        return match ($role->tie) {
            RoleRelation::Partner => [Assertion::tie(AssertionSubject::Partner, $line->id, $principal->id, $role->word)
                ->by($this->name(), "The page calls her or him {$role->word} of the {$of}.")],
            RoleRelation::Child => $this->child($roll, $line, $principal, $role),
            RoleRelation::Parent => $this->parent($roll, $line, $principal, $role, $of),
            default => [],
        };
    }

    /** @return list<Assertion> */
    private function child(Roll $roll, RollLine $line, RollLine $head, Role $role): array
    {
        $assertions = [Assertion::tie(AssertionSubject::Child, $line->id, $head->id, $role->word)
            ->by($this->name(), "The page says {$role->word} of the head.")];
        $wife = $roll->firstTied($head, RoleRelation::Partner);
        if ($wife !== null) {
            $assertions[] = Assertion::tie(AssertionSubject::Child, $line->id, $wife->id, $role->word, isSaid: false)
                ->by('child of the head’s partner',
                    "The page ties {$line->name} to the head, not to {$wife->name}: that is likely, and not said.");
        }

        return $assertions;
    }

    /** @return list<Assertion> */
    private function parent(Roll $roll, RollLine $line, RollLine $child, Role $role, string $of): array
    {
        $assertions = [Assertion::tie(AssertionSubject::Child, $child->id, $line->id, $role->word)
            ->by($this->name(), "The page says {$role->word} of the {$of}.")];
        // Father and mother of one child: each is told of the child, and that they were a couple follows.
        foreach ($roll->lines as $otherLine) {
            if ($otherLine->id === $line->id) {
                break;
            }
            if ($roll->tie($otherLine) === RoleRelation::Parent && $roll->principalOf($otherLine)?->id === $child->id) {
                $assertions[] = Assertion::tie(AssertionSubject::Partner, $line->id, $otherLine->id, $role->word, isSaid: false)
                    ->by('parents of one child', "{$otherLine->name} and {$line->name} are named as parents of one child.");
            }
        }

        return $assertions;
    }
}
