// ECharts, only the parts in use. Loaded when a chart is shown, never on Cook.
import { LineChart, type LineSeriesOption } from 'echarts/charts';
import {
  AriaComponent,
  GridComponent,
  MarkLineComponent,
  TooltipComponent,
  type GridComponentOption,
  type MarkLineComponentOption,
  type TooltipComponentOption,
} from 'echarts/components';
import * as echarts from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

echarts.use([LineChart, GridComponent, TooltipComponent, MarkLineComponent, AriaComponent, SVGRenderer]);
export type ChartOption = echarts.ComposeOption<LineSeriesOption | GridComponentOption | TooltipComponentOption | MarkLineComponentOption>;

/** Puts a chart into an element and keeps it at the element's size. */
export function mount(node: HTMLElement) {
  const chart = echarts.init(node, null, { renderer: 'svg' });
  const observer = new ResizeObserver(() => chart.resize());
  observer.observe(node);
  return {
    setOption: (option: ChartOption) => chart.setOption(option, { notMerge: true }),
    dispose: () => {
      observer.disconnect();
      chart.dispose();
    },
  };
}
export type Chart = ReturnType<typeof mount>;
