@extends('paper.sheet')
@section('style')
@page { margin: 7mm; }
body { font-size: 7pt; line-height: 1.25; }
table.sheet { table-layout: fixed; }
table.sheet td.card { width: 50%; height: 132mm; padding: 3mm; border: 0.2mm dashed #8a8175; overflow: hidden; }
h2 { margin: 0 0 0.5mm; font-size: 9.5pt; }
.status { padding: 0.3mm 1mm; border: 0.3mm solid #1d1a16; font-weight: bold; }
ol { margin: 1mm 0 0; padding: 0 0 0 5mm; }
li { margin: 0 0 0.6mm; }
li b { font-size: 7.2pt; }
.hole { border: 0.5mm solid #1d1a16; padding: 0.4mm; }
.small { font-size: 6.2pt; }
.small h2 { font-size: 8.4pt; }
.small li b { font-size: 6.4pt; }
.mind { margin: 0.6mm 0 0; padding: 0.6mm 1mm; border: 0.3mm solid #1d1a16; font-size: 6.4pt; }
.small .mind { font-size: 5.8pt; }
.break { page-break-after: always; }
@endsection
@section('sheet')
@foreach ($sheets as $number => $rows)
<table class="sheet {{ $number < count($sheets) - 1 ? 'break' : '' }}">
@foreach ($rows as $pair)
<tr>
@foreach ($pair as $card)
<td class="card {{ $card['set'] }}" colspan="{{ str_starts_with($card['set'], 'wide') ? 2 : 1 }}">
<h2>{{ implode(' + ', $card['wires']) ?: 'Screw' }}@if ($card['terminal'] !== null) → {{ $card['terminal'] }}@endif</h2>
<p class="muted">{{ $card['line'] }} · {{ $card['quantity'] }} × · {{ $kit }} · {{ $scope }}</p>
@if ($card['status'] === 'faulty')
<p class="hole"><b>✕ NOT TO BE MADE.</b> @foreach ($card['checks'] as $check) {{ $check['text'] }} @endforeach</p>
@elseif ($card['status'] === 'hole')
<p class="hole"><b>○ NOT COMPLETE: this kit cannot make it.</b></p>
@elseif ($card['status'] === 'makeshift')
<p><span class="status">◐ makeshift</span> @foreach ($card['checks'] as $check) {{ $check['text'] }} @endforeach</p>
@endif
@if ($card['cautions'] !== [])<div class="mind">@foreach ($card['cautions'] as $code)<b>!</b> {{ $card['cautionTexts']->{$code} }} @endforeach</div>@endif
<ol>
@foreach ($card['steps'] as $step)
<li @if ($step['status'] === 'hole') class="hole" @endif><b>{{ $step['status'] === 'hole' ? '○ ' : ($step['status'] === 'makeshift' ? '◐ ' : '') }}{{ $step['name'] }}{{ $step['of'] === null ? '' : ', ' . $step['of'] }}@if ($step['tool'] !== null): {{ $card['tools']->{$step['tool']} }}@if ($step['position'] !== null) “{{ $step['position'] }}”@endif @endif</b> {{ str_replace('mm2', 'mm²', $step['text']) }}@if ($step['op'] === 'look' && $loop->index === $card['looksAt'])<br>@foreach ($card['look']['good'] as $code)+ {{ $card['lookTexts']->{$code} }} @endforeach @foreach ($card['look']['bad'] as $code)− {{ $card['lookTexts']->{$code} }} @endforeach @endif</li>
@endforeach
</ol>
</td>
@endforeach
@if (count($pair) === 1 && !str_starts_with($pair[0]['set'], 'wide'))<td></td>@endif
</tr>
@endforeach
</table>
@endforeach
@endsection
