<?php

declare(strict_types=1);

namespace App\Demo;

/** What of the demo has files of its own form. */
final readonly class DemoSections
{
    public function __construct(
        public DemoPlaces $places,
        public DemoRecords $records,
        public DemoPictures $pictures,
        public DemoCases $cases,
        public DemoDrawings $drawings,
        public DemoBooks $books,
    ) {
    }
}
