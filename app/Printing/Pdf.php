<?php

declare(strict_types=1);

namespace App\Printing;

/** Pages of HTML as PDF. */
final readonly class Pdf
{
    public function __construct(private Converter $converter)
    {
    }

    public function fromHtml(string $html): string
    {
        return $this->converter->convert($html, 'html', 'pdf',
            static fn (array $in, string $out): array => [config('northbough.programs.weasyprint'), '--quiet',
                // With the tags by which a screen reader finds its way.
                '--pdf-variant=pdf/ua-1', ...$in, $out]);
    }
}
