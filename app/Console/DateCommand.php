<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DayOrder;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Interpretation;
use NorthBough\Core\Chrono\IsoDay;

final class DateCommand extends Command
{
    use Worded;

    protected $signature = 'bough:date {text} {--order= : dmy or mdy} {--json}';

    protected $description = 'Reads a date as it is typed';

    public function handle(): int
    {
        $order = DayOrder::tryFrom($this->word('order')) ?? DayOrder::Unsettled;
        $date = GenDate::parse($this->word('text'), DatingConvention::writtenIn($order));
        $span = $date->span();
        $reading = [
            'typed' => $date->typed,
            'kind' => $date->kind->value,
            'earliest' => IsoDay::orNull($span?->earliest),
            'latest' => IsoDay::orNull($span?->latest),
            'precision' => $date->precision->value,
            'readings' => array_map(static fn (Interpretation $r): array => [
                'earliest' => IsoDay::orNull($r->outermost()->earliest), 'latest' => IsoDay::orNull($r->outermost()->latest),
            ], $date->readings),
            'normal' => $date->normal,
            'shown' => $date->shown,
            'calendar' => $date->calendar,
            'ambiguous' => $date->isAmbiguous(),
            'problem' => $date->problem,
        ];
        $this->output->writeln($this->option('json')
            ? (string) json_encode($reading, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)
            : trim("{$date->shown} · {$reading['earliest']} to {$reading['latest']} · {$date->normal} {$date->problem}"));

        return self::SUCCESS;
    }
}
