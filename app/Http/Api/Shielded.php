<?php

declare(strict_types=1);

namespace App\Http\Api;

use Attribute;

/**
 * A name of somebody as the tree shows it to whoever asks, from which the living are withheld already. Every other text
 * of an answer is searched for their names before it leaves; this one is not, since the dead bear the same names.
 */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final readonly class Shielded
{
}
