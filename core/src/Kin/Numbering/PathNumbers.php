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
