<?php

declare(strict_types=1);

namespace App\Trees\Storage;

use Illuminate\Database\Schema\Blueprint;

/** The columns of a date, as Models/Casts/DateColumns reads and writes them. */
final class DateSet
{
    public static function on(Blueprint $table): void
    {
        $table->text('date_typed')->default('');
        $table->string('date_kind', 10)->default('phrase');
        $table->string('date_precision', 8)->default('none');
        foreach (['normal', 'shown', 'problem'] as $words) {
            $table->text("date_{$words}")->default('');
        }
        $table->string('date_calendar', 12)->default('GREGORIAN');
        foreach (['date', 'other'] as $reading) {
            foreach (['begin_lo', 'begin_hi', 'end_lo', 'end_hi'] as $edge) {
                $table->integer("{$reading}_{$edge}")->nullable();
            }
        }
        foreach (['begin_soft_lo', 'begin_soft_hi', 'end_soft_lo', 'end_soft_hi'] as $edge) {
            $table->integer("date_{$edge}")->default(0);
        }
    }
}
