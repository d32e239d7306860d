<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Wording;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Yaml\Yaml;

/**
 * No sentence is put together from pieces, since another language has them in another order: one message says it, with
 * what goes into it. What stands side by side and is no sentence is listed here with its reason.
 */
final class FragmentsTest extends TestCase
{
    /** Pairs of outputs in templates, each by its file and the message that is in it. */
    private const SIDE_BY_SIDE = [
        // How many are at a state: an amount beside its label, in a table or under a bar.
        'orders/_far.html.twig: makings.state-', 'table/_work.html.twig: makings.state-',
        'piece/_counts.html.twig: pattern.on-',
        // A material as it stands on a label: its name and its size.
        'piece/_counts.html.twig: shape.', 'piece/_counts.html.twig: fibre.', 'piece/_materials.html.twig: fibre.',
        'piece/_materials.html.twig: shape.', 'piece/_materials.html.twig: finding.', 'piece/_cuts.html.twig: fibre.',
        'samples/samples.html.twig: fibre.', 'stock/tables.html.twig: stock.a-',
        'stock/price.html.twig: price.part-total',
        // A whole sentence, and behind it another: what is wrong.
        'kept/_broken.html.twig: kept.broken', 'kept/bin.html.twig: kept.broken',
        'samples/samples.html.twig: kept.broken',
        'stock/_drawn.html.twig: kept.broken',
    ];

    /** Messages that end where something else has to come, each because a field does. */
    private const BEFORE_A_FIELD = [
        'settings.steps', 'table.sort', 'people.born', 'piece.place', 'piece.for', 'piece.material', 'piece.end-start',
        'piece.end-finish', 'piece.risk', 'piece.side', 'piece.rounding', 'piece.sealing', 'piece.loop-end',
        'day.begins',
        'day.begin', 'sizes.by', 'sizes.off', 'orders.change-for', 'orders.packing', 'orders.link-for', 'work.done',
    ];

    /** Messages that end in such a word and are whole: an adverb, a particle. */
    private const WHOLE = [
        'table.sort-worked', 'measure.hand-picture', 'piece.glued', 'figure.wrist-and-more', 'board.detour-done',
        'moved.typed',
        'practice.drawn', 'design.tassel', 'network.in', 'network.devices', 'sign-in.do', 'sign-in.title',
    ];

    private const OPEN = '/(?:^|\s)(?:of|for|to|the|by|from|with|and|or|at|in|on|an?|than|about|as)$/i';

    public function testNoMessageBreaksOff(): void
    {
        $open = array_keys(array_filter(
            self::messages(),
            static fn (string $message, string $key): bool => !str_starts_with($key, 'notation.')
                && 1 === preg_match(self::OPEN, $message),
            \ARRAY_FILTER_USE_BOTH,
        ));

        self::assertEqualsCanonicalizing([...self::BEFORE_A_FIELD, ...self::WHOLE], $open);
    }

    public function testNoTemplateStringsPiecesTogether(): void
    {
        $found = [];
        foreach (Finder::create()->files()->name('*.twig')->in(\dirname(__DIR__, 4).'/templates') as $file) {
            foreach (self::fragments($file->getContents(), self::messages()) as $key) {
                $found[] = $file->getRelativePathname().': '.$key;
            }
        }

        self::assertEqualsCanonicalizing(self::SIDE_BY_SIDE, array_values(array_unique($found)));
    }

    public function testPiecesAreFound(): void
    {
        $messages = ['a.of' => 'of', 'a.whole' => 'It is done.', 'a.label' => 'Name'];

        self::assertSame(['a.of'], self::fragments("{{ done }} {{ 'a.of'|trans }}", $messages));
        self::assertSame(['a.of'], self::fragments("{{ 'a.of'|trans }}\n  {{ all }}", $messages));
        self::assertSame(['a.of'], self::fragments("{{ done ~ ' ' ~ 'a.of'|trans }}", $messages));
        self::assertSame(
            [],
            self::fragments("{{ 'a.whole'|trans }} {{ 'a.whole'|trans }}", $messages),
            'two sentences',
        );
        self::assertSame(
            [],
            self::fragments("<dt>{{ 'a.label'|trans }}</dt> <dd>{{ done }}</dd>", $messages),
            'a label beside its value',
        );
        self::assertSame(
            [],
            self::fragments("{{ field('x', 'a.label'|trans) }} {{ field('y', 'a.label'|trans) }}", $messages),
            'fields',
        );
    }

    public function testNothingIsStrungTogetherInPhp(): void
    {
        $found = [];
        foreach (Finder::create()->files()->name('*.php')->in(\dirname(__DIR__, 4).'/src') as $file) {
            $said = '(?:->trans|words->of|->said)\([^;]*?\)';
            if (1 === preg_match("/$said\s*\.\s*' '\s*\.|\.\s*' '\s*\.\s*[^;]*$said/", $file->getContents())) {
                $found[] = $file->getRelativePathname();
            }
        }

        self::assertSame([], $found);
    }

    /**
     * Returns the messages that stand beside another output with nothing between but space, unless both are whole
     * sentences.
     *
     * @param array<string, string> $messages
     *
     * @return list<string> keys, of one that is put together its beginning
     */
    private static function fragments(string $template, array $messages): array
    {
        $template = preg_replace('/\{#.*?#\}/s', '', $template) ?? '';
        preg_match_all('/\{\{-?\s*(.*?)\s*-?\}\}/s', $template, $outputs, \PREG_OFFSET_CAPTURE);
        $found = [];
        foreach ($outputs[0] as $i => [$whole, $at]) {
            $here = self::messageIn($outputs[1][$i][0]);
            if (1 === preg_match(
                "/~\s*' '\s*~\s*\(?'[\w.-]+'|'[\w.-]+'\)?\|trans\s*~\s*' '/",
                $outputs[1][$i][0],
            ) && null !== $here) {
                $found[] = $here;
            }
            [$next, $from] = $outputs[0][$i + 1] ?? ['', 0];
            $there = self::messageIn($outputs[1][$i + 1][0] ?? '');
            $isBeside = '' !== $next && '' === trim(
                substr($template, $at + \strlen($whole), $from - $at - \strlen($whole)),
            )
                && $from > $at + \strlen($whole);
            if (!$isBeside || null === $here && null === $there) {
                continue;
            }
            // A field brings its own label, and a sentence is one: another may follow.
            $isField = 1 === preg_match('/^[\w.]+\(/', $outputs[1][$i][0]) || 1 === preg_match(
                '/^[\w.]+\(/',
                $outputs[1][$i + 1][0] ?? '',
            );
            $isSentence = 1 === preg_match('/[.?!}]$/', $messages[$here ?? ''] ?? '') && null !== $there;
            if (!$isField && !$isSentence) {
                $found[] = (string) ($here ?? $there);
            }
        }

        return $found;
    }

    private static function messageIn(string $output): ?string
    {
        return 1 === preg_match("/'([\w-]+\.[\w.-]*)'(?:\s*~[^|]*)?\)?\|trans/", $output, $key) ? $key[1] : null;
    }

    /**
     * @return array<string, string> by key
     */
    private static function messages(): array
    {
        /** @var array<string, string> $messages read once */
        static $messages = [];
        if ([] === $messages) {
            $read = Yaml::parseFile(\dirname(__DIR__, 4).'/translations/messages+intl-icu.en.yaml');
            self::assertIsArray($read);
            $messages = self::flat($read, '');
        }

        return $messages;
    }

    /**
     * @param array<mixed> $read
     *
     * @return array<string, string> by key
     */
    private static function flat(array $read, string $above): array
    {
        $flat = [];
        foreach ($read as $key => $value) {
            $flat += \is_array($value)
                ? self::flat($value, $above.$key.'.')
                : [$above.$key => \is_scalar($value) ? (string) $value : ''];
        }

        return $flat;
    }
}
