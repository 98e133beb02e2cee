<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\EmptySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\NoSuchDay;

/** One way in which people write a date. */
interface DateForm
{
    /**
     * @param  string  $text  trimmed, its spaces single
     * @return GenDate|null null when the words are not of this form
     *
     * @throws NoSuchDay when they are, and name a day that cannot be
     * @throws EmptySpan when they are, and end before they begin
     */
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate;
}
