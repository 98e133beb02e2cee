<?php

declare(strict_types=1);

namespace App\Printing;

/** Files of word processors. */
final readonly class Pandoc
{
    public function __construct(private Converter $converter)
    {
    }

    /**
     * @param  string  $json  a document as pandoc reads it
     * @param  string  $to  docx or odt
     * @param  bool  $contents  with the headings and their pages before it
     */
    public function write(string $json, string $to, bool $contents): string
    {
        return $this->converter->convert($json, 'json', $to, static fn (array $in, string $out): array => [
            config('northbough.programs.pandoc'), '--from=json', "--to={$to}", '--standalone', "--output={$out}",
            ...$contents ? ['--toc', '--toc-depth=1'] : [], ...$in]);
    }
}
