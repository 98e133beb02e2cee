<?php

declare(strict_types=1);

namespace App\Printing;

/** SVG as PDF, with text as text and links that lead on, or as PNG. */
final readonly class Rsvg
{
    /** A picture has no more points than this on a side, however large the drawing is. */
    private const MOST_POINTS = 16000;

    private const POINTS_TO_A_UNIT = 2;

    public function __construct(private Converter $converter)
    {
    }

    /** @param  string|non-empty-list<string>  $pages  an SVG a page */
    public function pdf(string|array $pages): string
    {
        return $this->converter->convert($pages, 'svg', 'pdf', self::command(['--format=pdf']));
    }

    public function png(string $svg): string
    {
        $side = preg_match('/viewBox="0 0 ([\d.]+) ([\d.]+)"/', $svg, $size) === 1 ? max((float) $size[1], (float) $size[2], 1.0) : 1.0;
        $zoom = min(self::POINTS_TO_A_UNIT, self::MOST_POINTS / $side);

        // One unit is a point, of which rsvg makes 96/72 points of a picture.
        return $this->converter->convert($svg, 'svg', 'png', self::command(['--format=png', '--zoom='.round($zoom * 72 / 96, 4)]));
    }

    /**
     * @param  list<string>  $how
     * @return \Closure(list<string>, string): list<string>
     */
    private static function command(array $how): \Closure
    {
        $program = config('northbough.programs.rsvg');

        return static fn (array $in, string $out): array => array_values([is_string($program) ? $program : '', ...$how, '--unlimited',
            "--output={$out}", ...$in]);
    }
}
