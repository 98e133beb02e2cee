<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Casework;

use NorthBough\Core\Tree\PlacingState;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;

/** How far a case of identity or kinship has come. It may stay unresolved, or probable, for years. */
enum CaseState: string
{
    case Open = 'open';
    case Unresolved = 'unresolved';
    case Probable = 'probable';
    case Proved = 'proved';
    case RuledOut = 'ruled out';

    /** Whether somebody has concluded something that can be shaken. */
    public function isConcluded(): bool
    {
        return match ($this) {
            self::Open, self::Unresolved => false,
            self::Probable, self::Proved, self::RuledOut => true,
        };
    }

    /** What a line of a roll is of the person whom the case concludes for. */
    public function placing(): PlacingState
    {
        return match ($this) {
            self::Open, self::Unresolved => PlacingState::Alternative,
            self::Probable => PlacingState::Probable,
            self::Proved => PlacingState::Placed,
            self::RuledOut => PlacingState::Refused,
        };
    }

    /** What it is of the others: only proof refuses them. */
    public function placingOfOthers(): PlacingState
    {
        return $this === self::Proved ? PlacingState::Refused : PlacingState::Alternative;
    }

    /** The proof of the tie that the case concludes for; an unproved one is drawn as such. */
    public function proof(): Proof
    {
        return match ($this) {
            self::Open, self::Unresolved => Proof::Unresolved,
            self::Probable => Proof::Probable,
            self::Proved => Proof::Proved,
            self::RuledOut => Proof::Unstated,
        };
    }

    public function standing(): Standing
    {
        return match ($this) {
            self::Open, self::Unresolved => Standing::Unweighed,
            self::Probable, self::Proved => Standing::Accepted,
            self::RuledOut => Standing::RuledOut,
        };
    }

    public function standingOfOthers(): Standing
    {
        return match ($this) {
            self::Open, self::Unresolved => Standing::Unweighed,
            self::Probable, self::RuledOut => Standing::Rival,
            self::Proved => Standing::RuledOut,
        };
    }
}
