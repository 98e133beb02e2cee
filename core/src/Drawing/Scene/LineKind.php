<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

use NorthBough\Core\Tree\ParentageKind;

/** What a line tells of the people it joins. */
enum LineKind: string
{
    case Birth = 'birth';
    case Adoptive = 'adoptive';
    case Foster = 'foster';
    case Guardian = 'guardian';
    case Recognised = 'recognised';
    case Other = 'other';
    case Couple = 'couple';
    /** Where somebody who is drawn twice stands besides. */
    case Same = 'same';
    /** No kinship: the years of an axis. */
    case Axis = 'axis';

    public static function of(ParentageKind $kind): self
    {
        return self::from($kind->value);
    }

    /** Before "parent of", with the space after it. */
    public function adjective(): string
    {
        return ParentageKind::tryFrom($this->value)?->adjective() ?? '';
    }
}
