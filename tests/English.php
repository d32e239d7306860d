<?php

declare(strict_types=1);

namespace Rinkel\Tests;

use Psr\Log\NullLogger;
use Rinkel\App\Platform\Wording\Notation;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Failure;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Symfony\Component\Translation\Formatter\MessageFormatter;
use Symfony\Component\Translation\Loader\YamlFileLoader;
use Symfony\Component\Translation\Translator;

/**
 * Says in a maker's words what the core says in keys and values, so that tests can read it as she does.
 */
final class English
{
    private static ?Wording $wording = null;

    public static function of(Message|Fault|Failure $said): string
    {
        return match (true) {
            $said instanceof PieceUnreadable => self::wording()->faults($said->faults),
            $said instanceof Failure => self::wording()->told($said->said()),
            default => self::wording()->told($said),
        };
    }

    /**
     * Returns what speaks a language without the rest of the application.
     */
    public static function translator(string $language = 'en'): Translator
    {
        $translator = new Translator($language, new MessageFormatter());
        $translator->addLoader('yaml', new YamlFileLoader());
        $words = \dirname(__DIR__).'/translations/messages+intl-icu.'.$language.'.yaml';
        $translator->addResource('yaml', $words, $language, 'messages+intl-icu');

        return $translator;
    }

    private static function wording(): Wording
    {
        if (null === self::$wording) {
            $translator = self::translator();
            self::$wording = new Wording($translator, new NullLogger(), new Notation($translator));
        }

        return self::$wording;
    }
}
