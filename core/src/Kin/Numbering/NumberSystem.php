<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** A system by which descendants are numbered. A new one is one file and one line in NumberSystems. */
interface NumberSystem
{
    /** In addresses and on the command line. */
    public static function code(): string;

    public static function title(): string;

    public function order(): TellingOrder;

    public function number(Descent $descent): Descent;
}
