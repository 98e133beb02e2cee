<?php

declare(strict_types=1);

namespace App\Demo;

use App\Trees\Editing\Citations;
use App\Trees\Editing\Facts;
use App\Trees\Editing\People;
use App\Trees\Editing\Relatives;
use App\Trees\Families\FamilyWriter;

/** The hands by which the families of the demo are entered, as a user enters them. */
final readonly class DemoEditing
{
    public function __construct(
        public People $editing,
        public Relatives $relatives,
        public FamilyWriter $families,
        public Facts $facts,
        public Citations $citations,
    ) {
    }
}
