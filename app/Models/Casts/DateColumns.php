<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Interpretation;
use NorthBough\Core\Chrono\Precision;

/**
 * A date across its columns: what was typed, what was understood, and day numbers to search and sort by.
 *
 * @implements CastsAttributes<GenDate, GenDate>
 */
final class DateColumns implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): GenDate
    {
        return self::restore($attributes);
    }

    /** @return array<string, string|int|null> */
    public function set(Model $model, string $key, mixed $value, array $attributes): array
    {
        return self::of($value ?? GenDate::phrase(''));
    }

    /** @param  array<string, mixed>  $row */
    public static function restore(array $row): GenDate
    {
        $readings = [];
        if (($row['date_kind'] ?? 'phrase') !== 'phrase') {
            $begin = DaySpan::restore($row['date_begin_lo'], $row['date_begin_hi'], $row['date_begin_soft_lo'], $row['date_begin_soft_hi']);
            $end = $row['date_kind'] === 'period'
                ? DaySpan::restore($row['date_end_lo'], $row['date_end_hi'], $row['date_end_soft_lo'], $row['date_end_soft_hi'])
                : null;
            $readings[] = new Interpretation($begin, $end);
            if ($row['other_begin_lo'] !== null || $row['other_begin_hi'] !== null) {
                $readings[] = new Interpretation(DaySpan::restore(
                    $row['other_begin_lo'], $row['other_begin_hi'], $row['date_begin_soft_lo'], $row['date_begin_soft_hi'],
                ));
            }
        }

        return GenDate::restore(
            $row['date_typed'] ?? '', DateKind::from($row['date_kind'] ?? 'phrase'), Precision::from($row['date_precision'] ?? 'none'),
            $readings,
            $row['date_normal'] ?? '', $row['date_shown'] ?? '', $row['date_calendar'] ?? 'GREGORIAN', $row['date_problem'] ?? '',
        );
    }

    /** @return array<string, string|int|null> */
    public static function of(GenDate $date): array
    {
        $first = $date->readings[0] ?? null;
        $secondReading = $date->readings[1] ?? null;

        return [
            'date_typed' => $date->typed,
            'date_kind' => $date->kind->value,
            'date_precision' => $date->precision->value,
            'date_normal' => $date->normal,
            'date_shown' => $date->shown,
            'date_problem' => $date->problem,
            'date_calendar' => $date->calendar,
            'date_begin_lo' => $first?->begin->earliest,
            'date_begin_hi' => $first?->begin->latest,
            'date_end_lo' => $first?->end?->earliest,
            'date_end_hi' => $first?->end?->latest,
            'date_begin_soft_lo' => $first->begin->softBefore ?? 0,
            'date_begin_soft_hi' => $first->begin->softAfter ?? 0,
            'date_end_soft_lo' => $first->end->softBefore ?? 0,
            'date_end_soft_hi' => $first->end->softAfter ?? 0,
            'other_begin_lo' => $secondReading?->begin->earliest,
            'other_begin_hi' => $secondReading?->begin->latest,
            'other_end_lo' => $secondReading?->end?->earliest,
            'other_end_hi' => $secondReading?->end?->latest,
        ];
    }
}
