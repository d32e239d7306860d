<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;

/**
 * A document as an answer: to a program, or as a file to save that people can read.
 */
final class JsonAnswer
{
    private const PLAIN = \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE;

    /**
     * @param array<mixed>          $document
     * @param array<string, string> $headers
     */
    public static function of(array $document, array $headers = []): JsonResponse
    {
        // Told first how to write, or it writes the document once as it likes, and refuses what is no UTF-8.
        $response = new JsonResponse(headers: $headers);

        return $response->setEncodingOptions(self::PLAIN | \JSON_PRESERVE_ZERO_FRACTION)->setData($document);
    }

    /**
     * @param array<mixed> $document
     * @param string       $name     of the file, in any letters
     */
    public static function file(array $document, string $name): JsonResponse
    {
        $response = self::of($document, ['Content-Disposition' => HeaderUtils::makeDisposition(
            HeaderUtils::DISPOSITION_ATTACHMENT,
            $name,
            preg_replace('/[^a-z0-9.-]/i', '_', $name) ?? '',
        )]);
        $response->setEncodingOptions(self::PLAIN | \JSON_PRETTY_PRINT);

        return $response;
    }
}
