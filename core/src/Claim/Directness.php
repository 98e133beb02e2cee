<?php

declare(strict_types=1);

namespace NorthBough\Core\Claim;

/**
 * How a claim answers a question: by itself, together with others, or by being absent where it ought to stand. It belongs
 * to the pair of claim and question, and adds no weight.
 */
enum Directness: string
{
    case Unstated = 'unstated';
    case Direct = 'direct';
    case Indirect = 'indirect';
    case Negative = 'negative';
}
