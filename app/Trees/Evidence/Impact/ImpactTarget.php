<?php

declare(strict_types=1);

namespace App\Trees\Evidence\Impact;

/** What can be assumed to be false. */
enum ImpactTarget: string
{
    case Claim = 'claim';
    case Record = 'record';
    case Source = 'source';
    case Fact = 'fact';
    case Tie = 'tie';
    case Placing = 'placing';
    case Decision = 'decision';
}
