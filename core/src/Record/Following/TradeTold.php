<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;

/** A trade, or a rank, on the day of the record or for as long as the line says; also a religion. */
final class TradeTold implements FollowingRule
{
    /** What stands in the column of trades and is none. */
    private const NONE = ['', '-', '—', 'none', 'scholar', 'infant', 'at school', 'wife', 'unemployed'];

    public function name(): string
    {
        return 'trade told';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $tellings = [];
        foreach (['occupation' => Meaning::Trade, 'religion' => Meaning::Religion] as $event => $meaning) {
            $said = $roll->said($line, $meaning);
            if (! in_array(mb_strtolower($said), self::NONE, true)) {
                $label = $roll->kind->column($meaning)?->label;
                $tellings[] = Telling::ofPerson($line->id, $event, Lasted::on($roll, $line), '', $said, $said)->by($this->name(), "The column “{$label}” says “{$said}”.");
            }
        }

        return $tellings;
    }
}
