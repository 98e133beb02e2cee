<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

final class Cancelled extends \RuntimeException
{
}
