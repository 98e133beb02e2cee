<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** How far a tie is proved, which is apart from how it stands. Only what is unresolved or probable is drawn dotted. */
enum Proof: string
{
    case Unstated = 'unstated';
    case Unresolved = 'unresolved';
    case Probable = 'probable';
    case Proved = 'proved';

    /** STAT of a child's link. */
    public static function fromStandard(string $stat): self
    {
        return strtoupper(trim($stat)) === 'PROVEN' ? self::Proved : self::Unstated;
    }

    public function isOpen(): bool
    {
        return $this === self::Unresolved || $this === self::Probable;
    }
}
