<?php

declare(strict_types=1);

namespace NorthBough\Core\Stored;

/** A value whose promoted properties are described by `Field`, so that mapping, journal, files and redaction follow from them. */
interface Described
{
}
