<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** Systems in which a child's number is the parent's with something put to it, so that a number is a path. */
abstract readonly class PathNumbers implements NumberSystem
{
    public function order(): TellingOrder
    {
        return TellingOrder::ByLine;
    }

    abstract protected function first(): string;

    /**
     * @param  string  $above  the number of the parent
     * @param  int  $place  among the parent's children by all unions, from 1
     * @param  int  $generation  of the child; 1 is whoever the line begins with
     */
    abstract protected function below(string $above, int $place, int $generation): string;

    /**
     * Reads a number.
     *
     * @return list<int>|null the place of each child down the line, none for whoever it begins with; null where it is no number
     *     of this system
     */
    abstract public function places(string $number): ?array;

    /**
     * @param  string  $one  a pattern for one child, without slashes
     * @return list<string>|null what stands for each child; null where something else stands there
     */
    protected static function parts(string $number, string $first, string $one): ?array
    {
        if (preg_match("/^{$first}(?:{$one})*$/D", $number) !== 1) {
            return null;
        }
        preg_match_all("/{$one}/", substr($number, strlen(stripslashes($first))), $parts);

        return $parts[0];
    }

    public function number(Descent $descent): Descent
    {
        $numbered = [];
        foreach ($descent->list as $one) {
            $parent = $numbered[$one->parentAt] ?? null;
            $numbered[] = $parent === null ? $one->numbered($this->first(), false)
                : $one->numbered($this->below($parent->number, $one->place, $one->generation), $one->isProvisional
                    || $parent->isProvisional);
        }

        return $descent->numbered($numbered);
    }
}
