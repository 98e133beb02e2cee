<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;

final readonly class Name
{
    public function __construct(
        public string $id,
        public NameKind $kind,
        public PersonalName $name,
        public Standing $standing = Standing::Unweighed,
    ) {
    }

    /**
     * The name that leads first: the accepted ones, then those that nobody weighed, then rivals; what was ruled out comes last.
     *
     * @param  list<self>  $names  in hand order
     * @return list<self>
     */
    public static function inOrder(array $names): array
    {
        $rank = static fn (self $name): int => match ($name->standing) {
            Standing::Accepted => 0,
            Standing::Unweighed => 1,
            Standing::Rival => 2,
            Standing::RuledOut => 3,
        };
        usort($names, static fn (self $a, self $b): int => $rank($a) <=> $rank($b));

        return $names;
    }

    /** Whether somebody may be looked for by it. */
    public function counts(): bool
    {
        return $this->standing !== Standing::RuledOut;
    }
}
