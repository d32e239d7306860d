<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Toy;

use Rinkel\App\Document\PieceSource;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/**
 * A kind of file that Rinkel does not know: a piece as YAML.
 */
final class YamlPiece implements PieceSource
{
    public function knows(string $text): bool
    {
        return str_starts_with($text, '---');
    }

    public function pieces(string $text): array
    {
        try {
            return [json_encode(Yaml::parse($text), \JSON_THROW_ON_ERROR)];
        } catch (ParseException) {
            return [];
        }
    }
}
