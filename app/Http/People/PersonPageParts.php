<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Questions\CaseLines;
use App\Http\Research\TaskRows;
use App\Trees\Evidence\WrittenReasons;
use App\Trees\Exchange\KeptLines;
use App\Trees\Journal\DeletedKin;
use App\Trees\Numbers\LineNumbers;

/** Who puts together what stands on a person's page beside the facts. */
final readonly class PersonPageParts
{
    public function __construct(
        public TaskRows $tasks,
        public SurnameOffers $offers,
        public WorldAround $world,
        public CaseLines $cases,
        public WrittenReasons $reasons,
        public DeletedKin $bin,
        public KeptLines $keptLines,
        public LineNumbers $numbers,
    ) {
    }
}
