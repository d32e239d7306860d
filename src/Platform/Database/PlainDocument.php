<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\ConversionException;
use Doctrine\DBAL\Types\JsonType;

/**
 * A document as JSON. One that is none any more does not take the rows beside it along: it comes as its text, under a
 * name that no reader knows, so that whoever reads it says what is wrong with it.
 */
final class PlainDocument extends JsonType
{
    public const UNREADABLE = '#unreadable';

    /**
     * It is a text in every database: what is no document any more is kept as it is, too.
     */
    public function getSQLDeclaration(array $column, AbstractPlatform $platform): string
    {
        return $platform->getClobTypeDeclarationSQL($column);
    }

    public function convertToPHPValue(mixed $value, AbstractPlatform $platform): mixed
    {
        try {
            $document = parent::convertToPHPValue($value, $platform);
        } catch (ConversionException) {
            $document = null;
        }

        return null === $value || \is_array($document) ? $document : [self::UNREADABLE => mb_scrub(
            \is_scalar($value) ? (string) $value : '',
        )];
    }
}
