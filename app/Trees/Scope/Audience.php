<?php

declare(strict_types=1);

namespace App\Trees\Scope;

use App\Models\Tree;

/** For whom something is read from a tree. What each may see of the living is said here, and nowhere else. */
enum Audience: string
{
    case Owner = 'owner';
    case Editor = 'editor';
    case Reader = 'reader';
    case Public = 'public';
    case AnotherService = 'another service';

    /** Whether living people, and texts that name them, are shown. */
    public function seesLiving(Tree $tree): bool
    {
        return match ($this) {
            self::Owner, self::Editor => true,
            self::Reader => $tree->readers_see_living,
            self::Public, self::AnotherService => false,
        };
    }

    /** Whether they may do what asks for the role of another. */
    public function mayDo(self $needed): bool
    {
        $ranks = [self::AnotherService, self::Public, self::Reader, self::Editor, self::Owner];

        return array_search($this, $ranks, true) >= array_search($needed, $ranks, true);
    }
}
