{!! implode("\n\n", $lines) !!}
