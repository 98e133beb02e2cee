<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Gedcom\OwnTags;

/** What people can belong to, of the user's own: a group, or a coloured mark. */
enum MembershipKind: string
{
    case Group = 'group';
    case Mark = 'mark';

    /** Our extension of the standard. */
    public function tag(): string
    {
        return OwnTags::PREFIX.strtoupper($this->value);
    }
}
