<?php

declare(strict_types=1);

namespace NorthBough\Core\Claim;

/** A claim's place in an order, never a sum of points. */
enum WeightGrade: string
{
    case Strong = 'strong';
    case Fair = 'fair';
    case Slight = 'slight';
    /** It comes from another claim that we hold, and counts nothing. */
    case Derived = 'derived';
    /** Taken over from a file; nobody has read the record yet. */
    case Unread = 'unread';
    /** Somebody took it back: it counts nothing, and stays so that nobody makes it again. */
    case Withdrawn = 'withdrawn';

    /** Whether it is a voice of its own, read or not. */
    public function isVoice(): bool
    {
        return $this !== self::Derived && $this !== self::Withdrawn;
    }

    public function isAtLeast(self $otherGrade): bool
    {
        return $this->place() >= $otherGrade->place();
    }

    /** From 0, which counts nothing, to 3. */
    public function place(): int
    {
        return match ($this) {
            self::Strong => 3,
            self::Fair => 2,
            self::Slight => 1,
            self::Derived, self::Unread, self::Withdrawn => 0,
        };
    }
}
