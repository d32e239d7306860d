<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

use Rinkel\Tests\Core\Chance;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Component\DomCrawler\Crawler as Page;

/**
 * Walks over the Piece page by chance, as a page lets anybody: fills fields with what is ordinary and what is hostile,
 * presses the buttons that the page offers, sends acts as its script does. The same seed takes the same walk.
 */
final class Crawler
{
    private const TEXTS = [
        '', ' ', "\u{a0}", '0', '1', '7', '16', '16.5 cm', '6 1/2 in', '17,2', '17.', '17 c', '-4', '1e9', '99999999', '3 m', '2 mm', '0.4', '400', 'amber', 'working', 'core', 'fit', 'mirror',
        'in', '“x”', '<b>x</b>', "two\nlines", "\0", "\u{202e}evil", 'é', '漢字', '#ff0000', 'red', 'yes', 'no', 'leather', 'neck', 'ankle', 'comfortable', 'clasp', 'elastic',
    ];
    private const PATTERNS = [
        '1 square x fit', '6 square, gap 2, 4 square', '(1 square, gap fit) x 3', '1 bead bead-1, 2 square', '((1 square x fit) x 2000) x 2000', '1 square x fit, 1 square x fit', '(((', '9', 'gap fit',
        '2000 square', 'word "MILA" of bead-1', '1 overhand x fit more 2', 'braid fit', '1 link chain x fit less 1', 'net 5 every 12 mm', 'mirror', 'focal stone, mirror',
    ];

    private int $sent = 0;

    public function __construct(
        private readonly KernelBrowser $browser,
        private readonly Chance $chance,
    ) {}

    /**
     * Takes one walk from a new piece and comes back by undo, then goes again by redo.
     *
     * @return string|null what went wrong, null when nothing did
     */
    public function walk(string $construction, int $steps): ?string
    {
        $place = \in_array($construction, ['netted-pouch', 'layered-strands'], true) ? 'neck' : 'wrist';
        $this->browser->request(
            'POST',
            '/pieces',
            [
                'construction' => $construction,
                'place' => $place,
                'girth' => 'neck' === $place ? '34' : '16',
                'unit' => 'cm',
            ],
        );
        $address = (string) $this->browser->getResponse()->headers->get('Location');
        $first = $this->document($address);
        for ($i = 0; $i < $steps; ++$i) {
            $page = $this->browser->request('GET', $address);
            $did = $this->step($page, $address);
            $status = $this->browser->getResponse()->getStatusCode();
            if ($status >= 500 || $status < 200) {
                return $status.' after '.$did;
            }
            $page = $this->browser->request('GET', $address);
            if (200 !== $this->browser->getResponse()->getStatusCode() || 0 === $page->filter('#piece')->count() || $page->filter('.piece-broken')->count() > 0) {
                return 'The page does not open after '.$did;
            }
        }
        // The walk may have undone something itself: to the end of the history first.
        $this->toTheEnd($address, 'redo');
        $last = $this->document($address);
        foreach (['undo' => $first, 'redo' => $last] as $deed => $wanted) {
            $this->toTheEnd($address, $deed);
            if ($wanted !== $this->document($address)) {
                return $deed.' does not come to what there was: '.$wanted.' but to '.$this->document($address);
            }
        }

        return null;
    }

    private function toTheEnd(string $address, string $deed): void
    {
        $page = $this->browser->request('GET', $address);
        for ($i = 0; $i < 400 && null === $page->filter('#'.$deed)->attr('disabled'); ++$i) {
            $page = $this->acts($address, $page, [['do' => $deed]]);
        }
    }

    /**
     * Does one thing and says what.
     */
    private function step(Page $page, string $address): string
    {
        $fields = self::texts($page->filter('#edit [name^="f["]')->extract(['name']));
        $buttons = array_map(
            null,
            self::texts($page->filter('#edit button[name]:not([disabled])')->extract(['name'])),
            self::texts($page->filter('#edit button[name]:not([disabled])')->extract(['value'])),
        );
        if ($this->chance->oneIn(2) && [] !== $buttons) {
            [$name, $value] = $this->chance->of($buttons);
            $this->browser->request(
                'POST',
                $address,
                [
                    'version' => $this->version($page),
                    'shown_in' => $this->unit($page),
                    'act' => 'b'.++$this->sent,
                    ...$this->named((string) $name, (string) $value),
                ],
                [],
                $this->headers(),
            );

            return $name.'='.$value;
        }
        $acts = [];
        for ($i = $this->chance->whole(1, 3); $i > 0; --$i) {
            $name = $this->chance->of([] === $fields ? ['f[name]'] : $fields);
            $path = substr($name, 2, -1);
            $acts[] = $this->chance->oneIn(6) && [] !== $buttons
                ? ['do' => $this->chance->of($buttons)[1]]
                : [
                    'f' => [$path => $this->text($page, $path)],
                    'in' => $this->unit($page),
                    'stroke' => $this->chance->of(['', 'a', 'b']),
                ];
        }
        $this->acts($address, $page, $acts);

        return (string) json_encode($acts, \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE);
    }

    private function text(Page $page, string $path): string
    {
        if ('pattern' === $path) {
            return $this->chance->of(self::PATTERNS);
        }
        $options = self::texts(
            $page->filter('[name="f['.$path.']"] option, [name="f['.$path.']"][type=radio]')->extract(['value']),
        );

        return [] !== $options && !$this->chance->oneIn(4) ? $this->chance->of($options) : $this->chance->of(self::TEXTS);
    }

    /**
     * @param array<mixed> $extracted
     *
     * @return list<string>
     */
    private static function texts(array $extracted): array
    {
        return array_map(static fn (mixed $text): string => \is_string($text) ? $text : '', array_values($extracted));
    }

    /**
     * @param list<array<string, mixed>> $acts
     */
    private function acts(string $address, Page $page, array $acts): Page
    {
        $acts = array_map(fn (array $act): array => $act + ['id' => 'crawl-'.++$this->sent], $acts);

        return $this->browser->request(
            'POST',
            $address,
            ['acts' => json_encode($acts, \JSON_INVALID_UTF8_SUBSTITUTE), 'version' => $this->version($page)],
            [],
            ['HTTP_HX_REQUEST' => 'true'],
        );
    }

    /**
     * @return array<string, mixed>
     */
    private function named(string $name, string $value): array
    {
        return str_starts_with($name, 'set[') ? ['set' => [substr($name, 4, -1) => $value]] : [$name => $value];
    }

    /**
     * @return array<string, string>
     */
    private function headers(): array
    {
        return $this->chance->oneIn(4) ? [] : ['HTTP_HX_REQUEST' => 'true'];
    }

    private function version(Page $page): string
    {
        return (string) $page->filter('#piece')->attr('data-version');
    }

    private function unit(Page $page): string
    {
        return (string) $page->filter('#edit [name=shown_in]')->attr('value');
    }

    private function document(string $address): string
    {
        $this->browser->request('GET', $address.'/piece.json');

        return (string) $this->browser->getResponse()->getContent();
    }
}
