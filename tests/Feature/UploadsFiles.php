<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;

/** Hands a file in as the page does: in a piece with its hash, then asks for it to be brought in. */
trait UploadsFiles
{
    /**
     * @param  array<string, mixed>  $asked
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function bringInto(string $content, array $asked = [], string $name = 'file.ged'): TestResponse
    {
        return $this->api('POST', '/exchange/imports', ['uploadId' => $this->upload($content, $name), ...$asked]);
    }

    protected function upload(string $content, string $name): string
    {
        $id = $this->postJson('/api/uploads', ['name' => $name, 'size' => strlen($content)])->assertOk()->json('id');
        $this->call('PUT', "/api/uploads/{$id}?offset=0", server: ['HTTP_X_PIECE_SHA256' => hash('sha256', $content)], content: $content)
            ->assertOk();

        return $id;
    }

    /** A file taken in as a picture, of somebody where one is named. Returns its id. */
    protected function take(string $content, string $name, ?string $personId = null): string
    {
        return $this->api('POST', '/pictures', ['uploadId' => $this->upload($content, $name), 'personId' => $personId])->assertOk()
            ->json('id');
    }

    /** A small picture of its own. */
    protected static function picture(int $width, int $height): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
