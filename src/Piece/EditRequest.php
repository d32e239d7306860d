<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Symfony\Component\HttpFoundation\Request;

/**
 * What a Piece page sent: the acts since the last answer, in order, over which version of the piece they were done, and
 * in which field somebody is typing on.
 *
 * With scripts the page sends its acts as JSON under "acts". Without, it is a plain form: its fields under "f" are one
 * act, what a button sets under "set" or does under "do" another.
 */
final readonly class EditRequest
{
    private const MOST = 200;

    /**
     * @param list<EditAct> $acts
     */
    private function __construct(
        public array $acts,
        public int $version,
        public string $typing,
    ) {}

    public static function fromRequest(Request $request): self
    {
        $all = $request->request->all();
        $text = static fn (string $name): string => \is_scalar($all[$name] ?? null) ? mb_scrub((string) $all[$name]) : '';
        $over = $text('over');

        return new self(
            isset($all['acts']) ? self::listed($text('acts')) : self::plain($all, $text('act')),
            (int) ('' !== $over ? $over : $text('version')),
            $text('typing'),
        );
    }

    /**
     * @return list<EditAct>
     */
    private static function listed(string $json): array
    {
        $decoded = json_decode($json, true, 8);
        $acts = \array_slice(\is_array($decoded) ? $decoded : [], 0, self::MOST);

        return array_map(EditAct::read(...), array_values(array_filter($acts, is_array(...))));
    }

    /**
     * @param array<mixed> $all
     *
     * @return list<EditAct>
     */
    private static function plain(array $all, string $id): array
    {
        $in = $all['shown_in'] ?? null;
        $acts = ['fields' => ['f' => $all['f'] ?? []]];
        foreach (['set' => ['f' => $all['set'] ?? []], 'do' => ['do' => $all['do'] ?? '']] as $name => $act) {
            if (!\in_array($all[$name] ?? '', ['', []], true)) {
                $acts[$name] = $act;
            }
        }

        return array_map(
            static fn (array $act, string $name): EditAct => EditAct::read(
                $act + ['in' => $in, 'id' => '' === $id ? '' : $id.'-'.$name],
            ),
            array_values($acts),
            array_keys($acts),
        );
    }

    /**
     * Returns all texts that were sent, the last of each field.
     *
     * @return array<string, string>
     */
    public function texts(): array
    {
        return array_merge(...array_map(static fn (EditAct $act): array => $act->texts, $this->acts), ...[[]]);
    }
}
