<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Wording;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/**
 * The English is such that a maker says it: what makes sentences stiff is not in it, but where somebody read it and let
 * it stand. Whoever adds a sentence that one of these finds says it otherwise, or names it here.
 */
final class PlainEnglishTest extends TestCase
{
    /** What is looked for, by what is wrong with it, and the sentences in which it is right. */
    private const RULES = [
        '“is to” for will, should or must' => [
            '/\\b(is|are|was|be) to (be|turn|sit|fit|hold|show|grow|hang)\\b|[Hh]ow it is to/u', [
            ]],
        'so many, so far that, as fits' => ['/\\b([Ss]o (many|much|far that|large|long)|as fits|as makers)\\b/u', [
        ]],
        'an “of” brought to the front' => [
            '/(?:^|[\\"{;:,.] ?)[Oo]f (each|all|what|which|whom|tails|letter|one)\\b/u', [
            ]],
        'lies, stands, stays, comes to: things are, or sit' => [
            '/\\b(lies?|lay|stands?|stays?|comes? to|goes? (up )?to)\\b/u', [
                'messages:settings.fee-help', 'messages:settings.steps-help', 'messages:log.finish-lead',
                'messages:welcome.look-lead', 'messages:measure.snug', 'messages:piece.lay', 'messages:help.girth-neck',
                'messages:said.next-flat', 'messages:making.layer-next', 'messages:making.leave-gauge',
                'messages:making.leave-before', 'messages:making.even-ends', 'messages:making.net-row',
                'messages:making.compare-eye', 'messages:making.loop-bent', 'messages:making.tied-back',
                'messages:making.trim-crimped', 'messages:making.for-good', 'messages:making.look-strung',
                'messages:board.changed-keeps', 'messages:kept.text-help', 'messages:kept.bin-lead',
                'messages:makings.frozen', 'messages:makings.back-board-help', 'messages:makings.back-cut-help',
                'lessons:square.for', 'lessons:double-overhand.wrong', 'lessons:vertical-lark.for', 'lessons:braid.for',
                'lessons:interlace.2', 'lessons:lark.1',
            ]],
        'a clause where English has a noun' => [
            '/\\b[Ww]hat (is|was|you|it|they|one|does|must|hangs|shows|can)\\b/u', [
                'messages:app.tray', 'messages:settings.rate-help', 'messages:settings.factor-help',
                'messages:samples.known-lead', 'messages:log.finish-lead', 'messages:log.left-lead',
                'messages:log.otherwise', 'messages:log.empty', 'messages:new.shelf-lead', 'messages:piece.shows',
                'messages:help.place', 'messages:result.open-lead', 'messages:storage.kept',
                'messages:storage.meanwhile',
                'messages:said.photo-unread', 'messages:said.shows-unread', 'messages:said.demo-removed',
                'messages:making.pair-on', 'messages:making.pair-apart', 'messages:making.half-done',
                'messages:board.changed-keeps', 'messages:board.read', 'messages:board.ways', 'messages:day.lead',
                'messages:stock.bears-what', 'messages:stock.takings-lead', 'messages:stock.gone',
                'messages:buying.late',
                'messages:price.lead', 'messages:series.takes', 'messages:reach.lead', 'messages:reach.none',
                'messages:tray.touch', 'messages:tray.title', 'messages:tray.lead', 'messages:kept.bin-lead',
                'messages:makings.cords-unknown', 'messages:makings.stay', 'messages:orders.none',
            ]],
        'a label that breaks off after its verb' => ['/^[A-Z][^.:?{}]*\\b(is|are|was|weighs?|costs|takes)$/u', [
        ]],
        '“is no” for “isn’t a”' => ['/\\b(is|are|was) no [a-z]+/u', [
            'messages:check.folded-has-no-end', 'messages:check.toggle-slips', 'messages:said.tray-empty',
            'messages:said.archive-gone', 'messages:making.middle-gap', 'messages:makings.late',
            'messages:console.no-samples',
        ]],
        'a plural verb after a length' => ['/\\} (are|were) (wished|needed|enough|missing|there|wanted)/u', [
        ]],
        'nobody, somebody, wished: say who' => [
            '/\\b([Nn]obody|[Ss]omebody|wished|sought|wanted|thought|is said)\\b/u', [
                'messages:check.counts-are-fixed',
            ]],
        'words of books' => [
            '/\\b(otherwise|anew|else|nought|by turns|beside|alike|for good|bears?|suffices?|draw)\\b/u', [
                'messages:table.discard', 'messages:storage.busy', 'messages:storage.disk',
                'messages:storage.meanwhile',
                'messages:check.seam-alike', 'lessons:glue.4',
            ]],
        'a space before the sign of percent' => ['/[\\d}] %/u', [
        ]],
        'a straight apostrophe' => ['/\\w\'\\w/u', [
        ]],
        'words that the glossary replaces' => [
            '/\\b([Pp]ut away|take-up|[Ii]nterlace of|[Gg]rown-ups?|minors|in the box|Series|'
                .'pit of the neck|[Ll]ikeness)\\b/u', [
                ]],
    ];

    /**
     * @param list<string> $right sentences, by file and key
     */
    #[DataProvider('rules')]
    public function testItIsSaidAsOneWouldSayIt(string $pattern, array $right): void
    {
        $found = [];
        foreach (self::sentences() as $key => $sentence) {
            // How an argument is called, nobody hears.
            $said = str_starts_with($pattern, '/\}') ? $sentence : (string) preg_replace('/\{\w+\}/', '', $sentence);
            if (1 === preg_match($pattern, $said)) {
                $found[] = $key;
            }
        }

        self::assertSame($right, $found);
    }

    /**
     * @return iterable<string, array{string, list<string>}>
     */
    public static function rules(): iterable
    {
        yield from self::RULES;
    }

    /**
     * @return iterable<string, string> by file and key
     */
    private static function sentences(): iterable
    {
        foreach (['messages', 'lessons'] as $file) {
            $words = Yaml::parseFile(\dirname(__DIR__, 4).'/translations/'.$file.'+intl-icu.en.yaml');
            self::assertIsArray($words);
            yield from self::flat($words, $file.':');
        }
    }

    /**
     * @param array<mixed> $words
     *
     * @return iterable<string, string>
     */
    private static function flat(array $words, string $above): iterable
    {
        foreach ($words as $key => $word) {
            if (\is_array($word)) {
                yield from self::flat($word, $above.$key.'.');
            } elseif (\is_scalar($word)) {
                yield $above.$key => (string) $word;
            }
        }
    }
}
