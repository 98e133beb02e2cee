<?php

declare(strict_types=1);

namespace App\Models;

/** What a user is in a tree: the role, empty for a stranger, and whom they put at the centre for themselves, empty for nobody. */
final readonly class Membership
{
    public function __construct(public string $role = '', public string $centrePersonId = '')
    {
    }
}
