<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Tie;

/**
 * How well two people of the tree fit two lines of a roll together: what the roles say they are to one another against
 * what the tree knows. A tie that the page says counts more than one that only follows from two others.
 */
final class TieLikeness
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

    /** @var array<string, array{Tie, bool}> by two lines: what one is to the other, and whether the page says so itself */
    private array $expected = [];

    public function __construct(private readonly Roll $roll, private readonly KnownTies $known, private readonly Candidates $candidates)
    {
    }

    public function of(RollLine $line, string $person, RollLine $other, string $otherPerson): float
    {
        [$tie, $isSaid] = $this->expected["{$line->id} {$other->id}"] ??= $this->expect($line, $other);
        $known = $this->known->between($person, $otherPerson);
        if ($tie === Tie::None || $tie === Tie::Kin) {
            return match ($known) {
                Tie::None => $tie === Tie::Kin ? -0.3 : 0.0,
                Tie::Partner, Tie::Child, Tie::Parent, Tie::Sibling => match (true) {
                    $tie === Tie::Kin => self::KIN_UNSAID,
                    $this->acts($line) || $this->acts($other) => self::KIN_WHO_ACTS,
                    default => self::FARTHER_KIN,
                },
                default => self::FARTHER_KIN,
            };
        }
        if ($tie === $known || ($isSaid === false && $tie === Tie::Child && $known === Tie::StepChild)) {
            return $isSaid ? self::SAID_AND_KNOWN : self::FOLLOWS_AND_KNOWN;
        }
        // A "son-in-law" may be a stepson, and a "son" a stepson, too.
        if ($isSaid && (($tie === Tie::ChildInLaw && $known === Tie::StepChild) || ($tie === Tie::Child && $known === Tie::StepChild) || ($tie === Tie::StepChild && $known === Tie::Child))) {
            return self::FOLLOWS_AND_KNOWN;
        }
        if ($tie === Tie::Child && $isSaid && count($this->candidates->all[$person]->parents ?? []) > 1) {
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
            $tie === Tie::Child && count($this->candidates->all[$person]->parents ?? []) > 1 => self::THIRD_PARENT / 2,
            $tie === Tie::Partner && $this->isWedTo($person) => self::ANOTHER_PARTNER,
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
    public function agreed(RollLine $line, string $person, RollLine $other, string $otherPerson): Tie
    {
        [$tie] = $this->expected["{$line->id} {$other->id}"] ??= $this->expect($line, $other);
        $known = $this->known->between($person, $otherPerson);

        return $tie === $known || $tie === Tie::Kin || $tie === Tie::None ? $known : Tie::None;
    }

    private function acts(RollLine $line): bool
    {
        return $this->roll->role($line)->acts ?? false;
    }

    /** @return array{Tie, bool} */
    private function expect(RollLine $line, RollLine $other): array
    {
        $tie = $this->roll->tie($line);
        $otherTie = $this->roll->tie($other);
        $principal = $this->roll->principalOf($line);
        if ($principal?->id === $other->id) {
            return [$tie, true];
        }
        if ($this->roll->principalOf($other)?->id === $line->id) {
            return [self::opposite($otherTie), true];
        }
        if ($principal === null || $principal->id !== $this->roll->principalOf($other)?->id) {
            return [$tie === Tie::Kin && $otherTie === Tie::Kin ? Tie::Kin : Tie::None, false];
        }

        // Father and mother of one child are told of it in one breath.
        return [self::following($tie, $otherTie), $tie === Tie::Parent && $otherTie === Tie::Parent];
    }

    private static function opposite(Tie $tie): Tie
    {
        return match ($tie) {
            Tie::Child, Tie::StepChild => Tie::Parent,
            Tie::Parent => Tie::Child,
            Tie::Grandchild => Tie::Grandparent,
            Tie::Grandparent => Tie::Grandchild,
            Tie::ChildInLaw => Tie::ParentInLaw,
            Tie::ParentInLaw => Tie::ChildInLaw,
            Tie::SiblingsChild => Tie::ParentsSibling,
            Tie::ParentsSibling => Tie::SiblingsChild,
            default => $tie,
        };
    }

    /** What two are to one another who are this and that to the same head. */
    private static function following(Tie $one, Tie $other): Tie
    {
        return match ([$one, $other]) {
            [Tie::Child, Tie::Partner], [Tie::StepChild, Tie::Partner] => Tie::Child,
            [Tie::Partner, Tie::Child], [Tie::Partner, Tie::StepChild] => Tie::Parent,
            [Tie::Child, Tie::Child], [Tie::StepChild, Tie::StepChild], [Tie::Sibling, Tie::Sibling] => Tie::Sibling,
            [Tie::Parent, Tie::Parent], [Tie::ParentInLaw, Tie::ParentInLaw] => Tie::Partner,
            [Tie::Parent, Tie::Sibling] => Tie::Parent,
            [Tie::Sibling, Tie::Parent] => Tie::Child,
            [Tie::Partner, Tie::ParentInLaw] => Tie::Child,
            [Tie::ParentInLaw, Tie::Partner] => Tie::Parent,
            default => Tie::None,
        };
    }
}
