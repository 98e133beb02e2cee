<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** One way in which something follows from the words of a record. */
interface InferenceRule
{
    /** The name of the rule as it is shown, such as "age told". */
    public function name(): string;

    /** @return list<Assertion> each with its sum */
    public function follow(Roll $roll, RollLine $line): array;
}
