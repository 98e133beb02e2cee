<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/**
 * How well two people of the tree fit two lines of a roll together: what the roles say they are to one another against
 * what the tree knows. A tie that the page says counts more than one that only follows from two others.
 */
final class TieComparison
{
    private const SAID_AND_KNOWN = 4.0;

    private const SAID_AND_NOT_KNOWN = -2.5;

    private const FOLLOWS_AND_KNOWN = 1.6;

    private const FOLLOWS_AND_NOT_KNOWN = -1.0;

    /** The tree knows both parents of somebody, and the page names another. */
    private const THIRD_PARENT = -5.0;

    /** The tree knows a living partner of somebody, and the page names another. */
    private const ANOTHER_PARTNER = -2.5;

    private const KIN_UNSAID = 2.2;

    private const FARTHER_KIN = 0.8;

    /** Whoever signs or informs is kin as a rule: a daughter tells of the death, a brother witnesses. */
    private const KIN_WHO_ACTS = 2.8;

    /** @var array<string, array{RoleRelation, bool}> by two lines: what one is to the other, and whether the page says so itself */
    private array $expected = [];

    public function __construct(private readonly Roll $roll, private readonly CandidateTies $known, private readonly Candidates $candidates)
    {
    }

    public function of(RollLine $line, string $person, RollLine $otherLine, string $otherPerson): float
    {
        [$tie, $isSaid] = $this->expected["{$line->id} {$otherLine->id}"] ??= $this->expect($line, $otherLine);
        $known = $this->known->between($person, $otherPerson);
        if ($tie === RoleRelation::None || $tie === RoleRelation::Kin) {
            return match ($known) {
                RoleRelation::None => $tie === RoleRelation::Kin ? -0.3 : 0.0,
                RoleRelation::Partner, RoleRelation::Child, RoleRelation::Parent, RoleRelation::Sibling => match (true) {
                    $tie === RoleRelation::Kin => self::KIN_UNSAID,
                    $this->acts($line) || $this->acts($otherLine) => self::KIN_WHO_ACTS,
                    default => self::FARTHER_KIN,
                },
                default => self::FARTHER_KIN,
            };
        }
        if ($tie === $known || ($isSaid === false && $tie === RoleRelation::Child && $known === RoleRelation::StepChild)) {
            return $isSaid ? self::SAID_AND_KNOWN : self::FOLLOWS_AND_KNOWN;
        }
        // A "son-in-law" may be a stepson, and a "son" a stepson, too.
        if ($isSaid && (($tie === RoleRelation::ChildInLaw && $known === RoleRelation::StepChild)
            || ($tie === RoleRelation::Child && $known === RoleRelation::StepChild)
            || ($tie === RoleRelation::StepChild && $known === RoleRelation::Child))) {
            return self::FOLLOWS_AND_KNOWN;
        }
        if ($tie === RoleRelation::Child && $isSaid && count($this->candidates->all[$person]->parents ?? []) > 1) {
            return self::THIRD_PARENT;
        }

        return $isSaid ? self::SAID_AND_NOT_KNOWN : self::FOLLOWS_AND_NOT_KNOWN;
    }

    /** What speaks against somebody whose partner, parent or child on the page is nobody of the tree. */
    public function ofStranger(RollLine $line, string $person, RollLine $stranger): float
    {
        [$tie, $isSaid] = $this->expected["{$line->id} {$stranger->id}"] ??= $this->expect($line, $stranger);

        return match (true) {
            ! $isSaid => 0.0,
            $tie === RoleRelation::Child && count($this->candidates->all[$person]->parents ?? []) > 1 => self::THIRD_PARENT / 2,
            $tie === RoleRelation::Partner && $this->isWedTo($person) => self::ANOTHER_PARTNER,
            default => 0.0,
        };
    }

    /** Whether somebody has a partner in the tree who can have been alive on the day of the page, and was wed to them by then. */
    private function isWedTo(string $person): bool
    {
        $day = $this->roll->date->span();
        $candidate = $this->candidates->all[$person] ?? null;
        if ($day?->latest === null || $candidate === null) {
            return false;
        }
        foreach ($candidate->partners as $partner) {
            $wed = $candidate->weddings[$partner]->earliest ?? null;
            $died = $this->candidates->all[$partner]->death->latest ?? null;
            if ($wed !== null && $wed <= $day->latest && ($died === null || $died >= ($day->earliest ?? $day->latest))) {
                return true;
            }
        }

        return false;
    }

    /** What the tree knows one as to the other, where it is what the page says; None otherwise. */
    public function agreed(RollLine $line, string $person, RollLine $otherLine, string $otherPerson): RoleRelation
    {
        [$tie] = $this->expected["{$line->id} {$otherLine->id}"] ??= $this->expect($line, $otherLine);
        $known = $this->known->between($person, $otherPerson);

        return $tie === $known || $tie === RoleRelation::Kin || $tie === RoleRelation::None ? $known : RoleRelation::None;
    }

    private function acts(RollLine $line): bool
    {
        return $this->roll->role($line)->acts ?? false;
    }

    /** @return array{RoleRelation, bool} */
    private function expect(RollLine $line, RollLine $otherLine): array
    {
        $tie = $this->roll->tie($line);
        $otherTie = $this->roll->tie($otherLine);
        $principal = $this->roll->principalOf($line);
        if ($principal?->id === $otherLine->id) {
            return [$tie, true];
        }
        if ($this->roll->principalOf($otherLine)?->id === $line->id) {
            return [self::opposite($otherTie), true];
        }
        if ($principal === null || $principal->id !== $this->roll->principalOf($otherLine)?->id) {
            return [$tie === RoleRelation::Kin && $otherTie === RoleRelation::Kin ? RoleRelation::Kin : RoleRelation::None, false];
        }

        // Father and mother of one child are told of it in one breath.
        return [self::following($tie, $otherTie), $tie === RoleRelation::Parent && $otherTie === RoleRelation::Parent];
    }

    private static function opposite(RoleRelation $tie): RoleRelation
    {
        return match ($tie) {
            RoleRelation::Child, RoleRelation::StepChild => RoleRelation::Parent,
            RoleRelation::Parent => RoleRelation::Child,
            RoleRelation::Grandchild => RoleRelation::Grandparent,
            RoleRelation::Grandparent => RoleRelation::Grandchild,
            RoleRelation::ChildInLaw => RoleRelation::ParentInLaw,
            RoleRelation::ParentInLaw => RoleRelation::ChildInLaw,
            RoleRelation::SiblingsChild => RoleRelation::ParentsSibling,
            RoleRelation::ParentsSibling => RoleRelation::SiblingsChild,
            default => $tie,
        };
    }

    /** What two are to one another who are this and that to the same head. */
    private static function following(RoleRelation $roleRelation, RoleRelation $otherRoleRelation): RoleRelation
    {
        return match ([$roleRelation, $otherRoleRelation]) {
            [RoleRelation::Child, RoleRelation::Partner], [RoleRelation::StepChild, RoleRelation::Partner] => RoleRelation::Child,
            [RoleRelation::Partner, RoleRelation::Child], [RoleRelation::Partner, RoleRelation::StepChild] => RoleRelation::Parent,
            [RoleRelation::Child, RoleRelation::Child], [RoleRelation::StepChild, RoleRelation::StepChild],
            [RoleRelation::Sibling, RoleRelation::Sibling] => RoleRelation::Sibling,
            [RoleRelation::Parent, RoleRelation::Parent], [RoleRelation::ParentInLaw, RoleRelation::ParentInLaw] => RoleRelation::Partner,
            [RoleRelation::Parent, RoleRelation::Sibling] => RoleRelation::Parent,
            [RoleRelation::Sibling, RoleRelation::Parent] => RoleRelation::Child,
            [RoleRelation::Partner, RoleRelation::ParentInLaw] => RoleRelation::Child,
            [RoleRelation::ParentInLaw, RoleRelation::Partner] => RoleRelation::Parent,
            default => RoleRelation::None,
        };
    }
}
