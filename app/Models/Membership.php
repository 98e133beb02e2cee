<?php

declare(strict_types=1);

namespace App\Models;

/** What a user is in a tree, and what they chose there for themselves. */
final readonly class Membership
{
    /**
     * @param  string  $role  empty for a stranger
     * @param  string  $centrePersonId  whom they put at the centre; empty for nobody
     * @param  string  $numbering  by what everybody is numbered for them, as JSON; empty for nothing
     */
    public function __construct(public string $role = '', public string $centrePersonId = '', public string $numbering = '')
    {
    }
}
