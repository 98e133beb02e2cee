<?php

declare(strict_types=1);

namespace App\Printing;

use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** A finished document as a file to keep, named after its title in any script. */
final class Attachment
{
    private const TYPES = ['svg' => 'image/svg+xml', 'pdf' => 'application/pdf', 'png' => 'image/png',
        'json' => 'application/json', 'html' => 'text/html; charset=utf-8', 'csv' => 'text/csv; charset=utf-8',
        'docx' => 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
        'odt' => 'application/vnd.oasis.opendocument.text'];

    public static function of(string $content, string $title, string $format): Response
    {
        $name = (trim((string) preg_replace('/[^\p{L}\p{N}]+/u', '-', $title), '-') ?: 'document').".{$format}";
        $fallback = str_replace('%', '', Str::ascii($name));

        return response($content, 200, [
            'Content-Type' => self::TYPES[$format],
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $name, $fallback),
        ]);
    }
}
