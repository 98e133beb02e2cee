<?php

declare(strict_types=1);

return [
    // "open": anybody who reaches the page may make an account. "closed": only the first account may be made.
    'accounts' => env('NB_ACCOUNTS', 'open'),
    'upload' => ['piece_bytes' => 8 * 1024 * 1024, 'largest_bytes' => 2 * 1024 * 1024 * 1024],
    'programs' => ['weasyprint' => '/usr/bin/weasyprint', 'rsvg' => '/usr/bin/rsvg-convert', 'vips' => '/usr/bin/vips',
        'vipsheader' => '/usr/bin/vipsheader', 'pdftoppm' => '/usr/bin/pdftoppm', 'pandoc' => '/usr/bin/pandoc',
        'pdftotext' => '/usr/bin/pdftotext'],
    'demo' => ['email' => 'reader@marren.example', 'password' => 'kelp-and-slate', 'name' => 'Una Fenwhistle'],
];
