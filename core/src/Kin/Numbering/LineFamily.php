<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** One union of somebody of a line, with the children by whom it goes on. */
final readonly class LineFamily
{
    /**
     * @param  list<string>  $partnerIds  the others of the union: one, or none where nobody is known
     * @param  list<LineChild>  $children  in the order in which they are counted
     */
    public function __construct(public string $unionId, public array $partnerIds, public array $children)
    {
    }
}
