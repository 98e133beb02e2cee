<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** A trade, or a rank, on the day of the record or for as long as the line says; also a religion. */
final class OccupationInference implements InferenceRule
{
    /** What stands in the column of trades and is none. */
    private const NONE = ['', '-', '—', 'none', 'scholar', 'infant', 'at school', 'wife', 'unemployed'];

    public function name(): string
    {
        return 'trade told';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $assertions = [];
        foreach (['occupation' => ColumnMeaning::Trade, 'religion' => ColumnMeaning::Religion] as $event => $meaning) {
            $written = $roll->written($line, $meaning);
            if (! in_array(mb_strtolower($written), self::NONE, true)) {
                $label = $roll->kind->column($meaning)?->label;
                $assertions[] = Assertion::ofPerson($line->id, $event, FactDuration::on($roll, $line), '', $written, $written)
                    ->by($this->name(), "The column “{$label}” says “{$written}”.");
            }
        }

        return $assertions;
    }
}
