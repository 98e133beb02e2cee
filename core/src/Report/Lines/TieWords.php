<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Kin\Numbering\LineChild;
use NorthBough\Core\Tree\ParentageKind;

/** By what tie a child stands in a line, where it is another than birth that nobody doubts. */
final class TieWords
{
    /** @return list<StyledWords> with the space after them; none for a child by birth */
    public static function of(LineChild $child): array
    {
        $kind = match (true) {
            $child->isStep => 'stepchild',
            $child->kind === ParentageKind::Birth => '',
            $child->kind === ParentageKind::Adoptive => 'adopted',
            default => trim($child->kind->adjective()),
        };
        $words = trim($kind.($child->isUnproved ? ($kind === '' ? 'not proved' : ', not proved') : ''));

        return $words === '' ? [] : [StyledWords::faint("({$words}) ")];
    }
}
