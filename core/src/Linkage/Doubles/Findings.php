<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/**
 * What was found of pairs so far, from 0 to 1, as their kin may lean on it: without what it owes to these kin
 * themselves, so that two families do not raise each other in a circle.
 */
final class Findings
{
    /** @var array<int, float> by pair, for their children to lean on */
    public array $ofParents = [];

    /** @var array<int, float> for their partners */
    public array $ofPartners = [];

    /** @var array<int, float> for their fathers, and parents of whom no sex is told */
    public array $ofFathersChildren = [];

    /** @var array<int, float> for their mothers */
    public array $ofMothersChildren = [];
}
