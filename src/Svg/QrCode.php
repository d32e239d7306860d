<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Svg\Svg;

/**
 * A text as a QR code (ISO/IEC 18004), worked out by TCPDF and drawn as one path: whole units, with the quiet zone of
 * four around it.
 */
final class QrCode
{
    private const QUIET = 4;

    /**
     * @param string $label what it is, for who hears it
     */
    public static function of(string $text, string $label): string
    {
        $code = (new \TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray();
        $rows = \is_array($code) && \is_array($code['bcode'] ?? null) ? array_values($code['bcode']) : [];
        $path = '';
        foreach ($rows as $y => $row) {
            foreach (\is_array($row) ? array_values($row) : [] as $x => $isDark) {
                $path .= 1 === (int) (\is_scalar($isDark) ? $isDark : 0)
                    ? \sprintf('M%d %dh1v1h-1z', $x + self::QUIET, $y + self::QUIET)
                    : '';
            }
        }
        $size = \count($rows) + 2 * self::QUIET;

        return Svg::drawing(
            [0, 0, $size, $size],
            $label,
            'qr',
            [],
            Svg::element('rect', ['width' => $size, 'height' => $size, 'fill' => '#fff']),
            Svg::element('path', ['d' => $path, 'fill' => '#000', 'shape-rendering' => 'crispEdges']),
        );
    }
}
