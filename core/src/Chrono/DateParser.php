<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Form\DateForm;
use NorthBough\Core\Chrono\Form\Forms;

/** Asks the date forms in turn; the first that knows the words answers. */
final class DateParser
{
    private static ?self $standard = null;

    /** @param  list<DateForm>  $forms */
    private function __construct(private readonly array $forms)
    {
    }

    public static function standard(): self
    {
        return self::$standard ??= new self(Forms::all());
    }

    public function read(string $typed, DatingConvention $convention): GenDate
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $typed));
        if ($text === '') {
            return GenDate::phrase($typed);
        }
        try {
            foreach ($this->forms as $form) {
                $date = $form->read($text, $convention, $this);
                if ($date !== null) {
                    return $date->typedAs($typed);
                }
            }
        } catch (NoSuchDay|EmptySpan $problem) {
            return GenDate::phrase($typed, $problem->getMessage());
        }

        return GenDate::phrase($typed);
    }

    /**
     * Reads the beginning of two, which may borrow its month and year from the second: "3" of "3 to 9 May 1851".
     *
     * @throws NoSuchDay
     */
    public function begun(string $first, string $second, DatingConvention $convention): ?GenDate
    {
        $date = $this->plain($first, $convention);
        if ($date !== null || preg_match('/^(?:(?:\d{1,2}(?:st|nd|rd|th)? )?(\p{L}+\.? ))?(\d{3,4}(?:\/\d{1,4})?)$/u', $second, $m) !== 1) {
            return $date;
        }
        $isDay = preg_match('/^\d{1,2}(?:st|nd|rd|th)?$/', $first) === 1;

        return $this->plain($first.' '.($isDay ? $m[1] : '').$m[2], $convention);
    }

    /**
     * Reads the part of a longer form that must itself be a day, a month or a year.
     *
     * @throws NoSuchDay
     */
    public function plain(string $text, DatingConvention $convention): ?GenDate
    {
        foreach ($this->forms as $form) {
            $date = $form->read(trim($text), $convention, $this);
            if ($date !== null) {
                // A dual year without a month is one of two years, and still one thing that was said.
                return $date->kind === DateKind::Exact || preg_match('/^\d{3,4}\/\d{1,2}$/', trim($text)) === 1 ? $date : null;
            }
        }

        return null;
    }
}
