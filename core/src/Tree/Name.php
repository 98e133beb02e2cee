<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;

final readonly class Name
{
    public function __construct(public string $id, public NameKind $kind, public PersonalName $name)
    {
    }
}
