<?php

declare(strict_types=1);

namespace App\Trees\Changes;

/** In which version whoever asks had read what they change; 0 where they do not say. Set at the door from If-Match (RFC 9110, 13.1.1). */
final class ReadVersion
{
    public int $version = 0;
}
