@extends('paper.sheet')
@section('style')
@page { margin: 6mm; }
body { font-size: 8.3pt; line-height: 1.16; }
table.sheet { table-layout: fixed; }
td.card { padding: 2.4mm 3mm; border: 0.2mm dashed #8a8175; overflow: hidden; }
td.half, td.quarter { height: 136mm; }
td.whole { height: 270mm; }
td.quarter { width: 50%; }
h2 { margin: 0 0 0.3mm; font-size: 12.5pt; line-height: 1.15; }
.of { margin: 0 0 0.8mm; font-size: 8pt; }
.status { padding: 0.3mm 1mm; border: 0.3mm solid #1d1a16; font-weight: bold; }
.hole { border: 0.6mm solid #1d1a16; padding: 0.6mm 1mm; }
table.body { table-layout: fixed; }
table.body td { padding: 0; border: 0; }
table.body td.beside { padding-right: 3.5mm; font-size: 8pt; }
.mind { margin: 0 0 1.5mm; padding: 1mm 1.4mm; border: 0.4mm solid #1d1a16; }
.mind p { margin: 0 0 0.8mm; }
.signs { margin: 0 0 1.2mm; padding: 0; list-style: none; }
.signs li { margin: 0 0 0.5mm; padding-left: 4mm; text-indent: -4mm; }
h3 { margin: 0 0 0.4mm; font-size: 8.6pt; }
.step { margin: 0 0 0.5mm; padding-top: 0.3mm; border-top: 0.15mm solid #b9b0a3; }
.step.hole { border: 0.6mm solid #1d1a16; }
.name { font-size: 9.4pt; font-weight: bold; }
.figures { float: right; margin-left: 3mm; font-size: 14.5pt; font-weight: bold; line-height: 1; }
.close { font-size: 7.5pt; line-height: 1.08; }
.close .name { font-size: 8.3pt; }
.close td.beside { font-size: 7.2pt; }
.close .step { margin: 0 0 0.3mm; padding-top: 0.2mm; }
.whole { font-size: 10.4pt; line-height: 1.32; }
.whole .name { font-size: 11.6pt; }
.whole .step { margin: 0 0 1.2mm; padding-top: 0.7mm; }
.whole .figures { font-size: 18pt; }
.whole h2 { font-size: 16pt; }
.long { font-size: 8.7pt; line-height: 1.2; }
.long .name { font-size: 9.8pt; }
.long td.beside { font-size: 8.4pt; }
.long .step { margin: 0 0 0.6mm; padding-top: 0.4mm; }
.whole td.beside { font-size: 9.6pt; }
.quarter td.beside { display: block; width: auto; padding: 0; }
.break { page-break-after: always; }
@endsection
@section('sheet')
@foreach ($sheets as $number => $rows)
<table class="sheet {{ $number < count($sheets) - 1 ? 'break' : '' }}">
@foreach ($rows as $row)
<tr>
@foreach ($row as $card)
<td class="card {{ $card['set'] }}" colspan="{{ $card['set'] === 'quarter' ? 1 : 2 }}">
<h2>{{ str_replace('mm2', 'mm²', implode(' + ', $card['wires'])) ?: 'Screw' }}@if ($card['terminal'] !== null) → {{ $card['terminal'] }}@endif</h2>
<p class="of muted"><b>{{ $card['quantity'] }} ×</b> · {{ $kit }}{{ $on === null ? '' : ' on ' . $on }}{{ $hand === null ? '' : ' · in the hands of ' . $hand }} · {{ $scope }}</p>
@if ($card['status'] === 'faulty')
<p class="hole"><b>✕ NOT TO BE MADE.</b> @foreach ($card['checks'] as $check) {{ str_replace('mm2', 'mm²', $check['text']) }} @endforeach</p>
@elseif ($card['status'] === 'hole')
<p class="hole"><b>○ NOT COMPLETE: this kit cannot make it.</b></p>
@elseif ($card['status'] === 'makeshift')
<p><span class="status">◐ makeshift</span> @foreach ($card['checks'] as $check) {{ str_replace('mm2', 'mm²', $check['text']) }} @endforeach</p>
@endif
<table class="body"><tr>
<td class="beside" style="width: {{ $card['beside'] }}%">
@if ($card['cautions'] !== [])
<div class="mind"><h3>Mind first</h3>@foreach ($card['cautions'] as $code)<p><b>!</b> {{ $card['cautionTexts']->{$code} }}</p>@endforeach</div>
@endif
@if ($card['look']['good'] !== [])
<h3>Good looks so</h3>
<ul class="signs">@foreach ($card['look']['good'] as $code)<li><b>✓</b> {{ $card['lookTexts']->{$code} }}</li>@endforeach</ul>
@endif
@if ($card['look']['bad'] !== [])
<h3>Bad looks so</h3>
<ul class="signs">@foreach ($card['look']['bad'] as $code)<li><b>✕</b> {{ $card['lookTexts']->{$code} }}</li>@endforeach</ul>
@endif
</td>
@if ($card['set'] === 'quarter')</tr><tr>@endif
<td>
@foreach ($card['steps'] as $at => $step)
<div class="step {{ $step['status'] === 'hole' ? 'hole' : '' }}">
@if ($card['figures'][$at] !== [] || $step['position'] !== null)<span class="figures">@if ($step['position'] !== null)“{{ $step['position'] }}” @endif{{ implode(' · ', $card['figures'][$at]) }}</span>@endif
<span class="name">{{ $at + 1 }} {{ $step['status'] === 'hole' ? '○ ' : ($step['status'] === 'makeshift' ? '◐ ' : '') }}{{ $step['name'] }}{{ $step['of'] === null ? '' : ', ' . $step['of'] }}@if ($step['tool'] !== null): {{ $card['tools']->{$step['tool']} }}{{ ($step['assets'] ?? []) === [] ? '' : ' (' . implode(', ', $step['assets']) . ')' }}@endif</span>
<br>{{ str_replace('mm2', 'mm²', $step['text']) }}
</div>
@endforeach
</td>
</tr></table>
</td>
@endforeach
@if (count($row) === 1 && $row[0]['set'] === 'quarter')<td></td>@endif
</tr>
@endforeach
</table>
@endforeach
@endsection
