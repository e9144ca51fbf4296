<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Validation\ValidationException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** Holds a brought-in document against the published JSON Schema, and names the field that fails. */
final readonly class DocumentSchema
{
    /**
     * @param  string  $format  `docs/formats` has a schema of each
     * @return array<string, mixed>
     *
     * @throws ValidationException
     */
    public function valid(string $json, string $format = 'piece'): array
    {
        $document = json_decode($json, false, 24);
        $schema = json_decode((string) file_get_contents(base_path("docs/formats/$format.schema.json")));
        $error = (new Validator)->validate($document, $schema)->error();
        if ($error !== null) {
            throw ValidationException::withMessages(['file' => $this->words($error, $format)]);
        }

        return json_decode($json, true, 24);
    }

    private function words(ValidationError $error, string $format): string
    {
        $leaf = $error;
        while ($leaf->subErrors() !== []) {
            $leaf = $leaf->subErrors()[0];
        }
        $path = implode('.', $leaf->data()->fullPath());
        $says = (new ErrorFormatter)->formatErrorMessage($leaf);
        $value = $leaf->data()->value();
        $quoted = is_scalar($value) || $value === null
            ? say('planning.document-schema.is', [
                'value' => mb_substr((string) json_encode($value), 0, 60),
            ]) : ':';

        return say('planning.document-schema.format-described-docs-formats', [
            'where' => $path === ''
                ? say('planning.document-schema.document')
                : say('planning.document-schema.field', ['path' => $path]),
            'quoted' => $quoted,
            'says' => mb_lcfirst($says), 'format' => $format,
        ]);
    }
}
