<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** Somebody who had a part in an event that is not theirs: a witness, an informant, a godparent. */
final readonly class EventRole
{
    /**
     * @param  string  $personId  empty where it is nobody of the tree
     * @param  string  $words  what they are called where they are nobody of the tree
     */
    public function __construct(public string $role, public string $personId, public string $words = '')
    {
    }
}
