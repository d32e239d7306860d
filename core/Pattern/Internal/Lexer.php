<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal;

use Rinkel\Core\Pattern\Place;

/**
 * Cuts a pattern's text into tokens; whatever fits none becomes a stray one, so that the parser can say where it
 * stands.
 *
 * The words "gap", "every", "braid" and "binding" take all up to the next comma, bracket or line end as one length;
 * "below" all up to these, or to the cord that it names.
 *
 * @internal
 */
final class Lexer
{
    /** Longer patterns are no patterns; keeps every input cheap. */
    private const LONGEST = 20_000;

    private const TOKENS = '/\G(?:(?<Length>(?:(?<=gap)|(?<=every)|(?<=braid)|(?<=binding))[ \t]+(?!fit\b)[^,()\n]*'
        .'|(?<=below)[ \t]+[^,()\n]*?(?=[ \t]+in[ \t]+[\pL][\pL\d_-]*[ \t]*\(|[,()\n]|$))'
        .'|(?<space>[ \t\r\x{a0}]+)|(?<break>\n)|(?<Number>\d{1,6}(?![\pL\d]))'
        .'|(?<Word>[\pL][\pL\d_-]*)|(?<Text>"[^"\n]*")|(?<Comma>,)|(?<Open>\()|(?<Close>\))|(?<Slash>\/)|(?<Stray>[^\s,()]+|.))/u';

    private int $line = 1;
    private int $column = 1;

    public function __construct(private readonly string $text) {}

    /**
     * @return non-empty-list<Token> ending with an end token
     */
    public function tokens(): array
    {
        $text = mb_substr(mb_scrub($this->text), 0, self::LONGEST);
        $tokens = [];
        for ($at = 0; 1 === preg_match(
            self::TOKENS,
            $text,
            $match,
            \PREG_UNMATCHED_AS_NULL,
            $at,
        ); $at += \strlen($match[0])) {
            $found = $match[0];
            foreach (TokenKind::cases() as $kind) {
                if (isset($match[$kind->name]) && '' !== trim($found)) {
                    $tokens[] = $this->token($kind, $found);
                }
            }
            $this->column += mb_strlen($found);
            if (isset($match['break'])) {
                ++$this->line;
                $this->column = 1;
            }
        }
        $tokens[] = new Token(TokenKind::End, '', new Place($this->line, $this->column, 0));

        return $tokens;
    }

    private function token(TokenKind $kind, string $found): Token
    {
        $lead = mb_strlen($found) - mb_strlen(ltrim($found));
        $text = trim($found);

        return new Token(
            $kind,
            TokenKind::Word === $kind ? mb_strtolower($text) : $text,
            new Place($this->line, $this->column + $lead, mb_strlen($text)),
        );
    }
}
