<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

final readonly class Parentage
{
    public function __construct(public string $personId, public ParentageKind $kind)
    {
    }
}
