<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A photograph, by itself. */
class KeepPhoto extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['photo' => ['required', ...self::photograph()]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::words();
    }

    /** @return list<string> what every photograph that comes with a form keeps to */
    public static function photograph(): array
    {
        return ['file', 'max:'.config('photos.most_kilobytes')];
    }

    /** @return array<string, string> what is said of one that does not */
    public static function words(): array
    {
        $most = round(config('photos.most_kilobytes') / 1000);

        return [
            'photo.required' => say('http.keep-photo.choose-photograph-first'),
            'photo.max' => say('http.keep-photo.photograph-too-large-takes', ['most' => $most]),
            'photo.uploaded' => say('http.keep-photo.photograph-did-not-arrive', ['most' => $most]),
        ];
    }

    public function photo(): UploadedFile
    {
        $photo = $this->file('photo');
        assert($photo instanceof UploadedFile);

        return $photo;
    }
}
